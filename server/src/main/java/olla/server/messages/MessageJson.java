package olla.server.messages;

import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.units.Amount;
import org.springframework.boot.jackson.JacksonComponent;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;

/** Messages and amounts leave as text, in the language and the units of whoever is being answered. */
@JacksonComponent
final class MessageJson {

    private MessageJson() {}

    static final class OfMessages extends ValueSerializer<Message> {
        @Override
        public void serialize(Message message, JsonGenerator json, SerializationContext provider) {
            json.writeString(Sentences.here().say(message));
        }
    }

    static final class OfQuantities extends ValueSerializer<Quantity> {
        @Override
        public void serialize(Quantity quantity, JsonGenerator json, SerializationContext provider) {
            json.writeString(Sentences.here().say(quantity));
        }
    }

    static final class OfAmounts extends ValueSerializer<Amount> {
        @Override
        public void serialize(Amount amount, JsonGenerator json, SerializationContext provider) {
            json.writeString(Sentences.here().say(amount));
        }
    }
}
