/** What to do when: the bake's own clock. The evening's run sheet moves in here. */
package olla.core.plan;
