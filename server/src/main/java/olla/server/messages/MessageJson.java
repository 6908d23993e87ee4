package olla.server.messages;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.SerializerProvider;
import java.io.IOException;
import olla.core.messages.Message;
import olla.core.messages.Quantity;
import olla.core.units.Amount;
import org.springframework.boot.jackson.JsonComponent;

/** Messages and amounts leave as text, in the language and the units of whoever is being answered. */
@JsonComponent
final class MessageJson {

    private MessageJson() {}

    static final class OfMessages extends JsonSerializer<Message> {
        @Override
        public void serialize(Message message, JsonGenerator json, SerializerProvider provider) throws IOException {
            json.writeString(Sentences.here().say(message));
        }
    }

    static final class OfQuantities extends JsonSerializer<Quantity> {
        @Override
        public void serialize(Quantity quantity, JsonGenerator json, SerializerProvider provider) throws IOException {
            json.writeString(Sentences.here().say(quantity));
        }
    }

    static final class OfAmounts extends JsonSerializer<Amount> {
        @Override
        public void serialize(Amount amount, JsonGenerator json, SerializerProvider provider) throws IOException {
            json.writeString(Sentences.here().say(amount));
        }
    }
}
