package olla.server.web;

import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.std.StdScalarDeserializer;

/**
 * Numbers as amounts have them: written as numbers, finite, and none that no kitchen ever had. What each may be is judged where it is
 * used; this is the door.
 */
final class FiniteNumbers extends StdScalarDeserializer<Double> {

    /** A tonne in grams is a thousandth of it, an oven in kelvin less. */
    static final double MOST = 1e9;

    private static final long serialVersionUID = 1;

    private final boolean primitive;

    FiniteNumbers(boolean primitive) {
        super(primitive ? double.class : Double.class);
        this.primitive = primitive;
    }

    @Override
    public Double deserialize(JsonParser parser, DeserializationContext context) {
        JsonToken token = parser.currentToken();
        if (token != JsonToken.VALUE_NUMBER_FLOAT && token != JsonToken.VALUE_NUMBER_INT) {
            return (Double) context.handleUnexpectedToken(handledType(), parser);
        }
        double value = parser.getDoubleValue();
        if (!(Math.abs(value) <= MOST)) {
            return (Double) context.handleWeirdNumberValue(handledType(), value, "no amount a kitchen has");
        }
        return value;
    }

    @Override
    public Double getNullValue(DeserializationContext context) {
        return primitive ? context.reportInputMismatch(this, "A number that has to be said is not.") : null;
    }
}
