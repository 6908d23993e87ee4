package olla.core.dress;

import olla.core.messages.Message;

/** Names of what is bought for a dress. */
final class StuffNames {

    private StuffNames() {}

    /** The name of a stuff in the catalogue, after {@code stuff.}; spelled as what it is, so that it can be spooned. */
    static Message of(String name) {
        return Message.of("stuff." + name);
    }
}
