/**
 * What keeps the kitchen quick however much is asked of it: long questions wait in a queue that is fair to each asker
 * and are dropped when their asker is gone; bodies that come slowly hold nothing but their own connection. What is
 * tapped waits in no queue.
 *
 * <p>Knows: server.tenancy, server.web.
 */
package olla.server.load;
