/** What a probe that stays in the fish sends, and which of it can be believed. */
package olla.core.probe;
