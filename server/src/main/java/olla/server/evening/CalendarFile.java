package olla.server.evening;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Action;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import olla.core.runsheet.Kind;
import olla.server.evening.EveningView.EarlyView;
import olla.server.evening.EveningView.SheetStepView;
import olla.server.messages.Sentences;
import org.springframework.stereotype.Component;

/** A run sheet as an iCalendar file with an alarm at every step of the hands, and the days before (RFC 5545). */
@Component
class CalendarFile {

    /* What is done on a day before is no appointment: so long is noted, minutes. */
    private static final Duration NOTED = Duration.ofMinutes(15);

    /** Writes it. */
    String of(EveningView view) {
        Sentences here = Sentences.here();
        Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Olla//Run sheet//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        Instant serveAt = view.evening().serveAt();
        List<SheetStepView> steps =
                view.sheet() == null ? List.of() : view.sheet().steps();
        for (SheetStepView step : steps) {
            if (step.kind().attended() || step.kind() == Kind.PREHEAT) {
                calendar.add(event(
                        view.id() + "." + step.key(),
                        here.say(step.say()),
                        at(serveAt, step.fromMin()),
                        at(serveAt, step.untilMin())));
            }
        }
        for (EarlyView early : view.days()) {
            calendar.add(event(
                    view.id() + "." + early.key(),
                    here.say(early.say()),
                    early.latest().minus(NOTED),
                    early.latest()));
        }
        return calendar.toString();
    }

    private static Instant at(Instant serveAt, double minute) {
        return serveAt.plusSeconds(Math.round(60 * minute));
    }

    private static VEvent event(String uid, String say, Instant from, Instant until) {
        VEvent event = new VEvent(from, until, say);
        event.add(new Uid(uid));
        VAlarm alarm = new VAlarm(Duration.ZERO);
        alarm.add(new Action("DISPLAY"));
        alarm.add(new Description(say));
        event.add(alarm);
        return event;
    }
}
