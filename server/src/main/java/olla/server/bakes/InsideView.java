package olla.server.bakes;

import java.util.List;
import olla.core.probe.Trust;
import olla.core.uncertainty.TemperatureSpread;

/**
 * What the middle of a bake may be doing, and what its probe says of it.
 *
 * @param fan the members, after all that was observed
 * @param trace the probe's readings, thinned, in order
 */
record InsideView(FanView fan, List<TraceView> trace) {

    /** Arrays of one length: minutes, and the 10th, 50th and 90th of a hundred, °C. */
    record FanView(double[] minute, double[] lowC, double[] middleC, double[] highC) {
        static FanView of(TemperatureSpread fan) {
            return new FanView(fan.minute(), fan.lowC(), fan.middleC(), fan.highC());
        }
    }

    /** One reading and what it is worth. */
    record TraceView(double minute, double celsius, Trust trust) {}
}
