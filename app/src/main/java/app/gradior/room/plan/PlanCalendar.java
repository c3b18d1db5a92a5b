package app.gradior.room.plan;

import app.gradior.clock.ClockPlan;
import app.gradior.room.words.Words;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VAlarm;
import biweekly.component.VEvent;
import biweekly.parameter.Related;
import biweekly.property.Action;
import biweekly.property.Trigger;
import biweekly.util.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Date;

/** A day as an iCalendar: an event for each piece of work, with an alarm where hands are wanted. */
public final class PlanCalendar {
    private static final int ALARM_BEFORE_MIN = 2;

    private PlanCalendar() {}

    /** The file's text, in UTC. */
    public static String of(ClockPlans.Day day, ZoneId zone) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Gradior//Clock//EN");
        for (int i = 0; i < day.entries().size(); i++) {
            ClockPlan.Row row = day.plan().rows().get(i);
            String sauce = row.job().name();
            for (int t = 0; t < row.placed().size(); t++) {
                ClockPlan.Placed placed = row.placed().get(t);
                VEvent event = new VEvent();
                event.setUid("plan-" + day.entries().get(i).planId() + "-" + t + "-" + day.origin() + "@gradior");
                String work = sauce + ": " + Words.say(placed.task().name());
                event.setSummary(work);
                event.setDateStart(date(day.at(placed.startMinute()), zone));
                event.setDateEnd(date(day.at(placed.endMinute()), zone));
                if (placed.task().handsOn()) {
                    event.addAlarm(alarm(work));
                }
                calendar.addEvent(event);
            }
            VEvent served = new VEvent();
            served.setUid("plan-" + day.entries().get(i).planId() + "-served-" + day.origin() + "@gradior");
            served.setSummary(Words.text("calendar.served", sauce));
            served.setDateStart(date(day.at(row.job().dueMinute()), zone));
            served.setDuration(Duration.builder().minutes(1).build());
            served.addAlarm(alarm(Words.text("calendar.served", sauce)));
            calendar.addEvent(served);
        }
        return Biweekly.write(calendar).go();
    }

    private static VAlarm alarm(String text) {
        Duration before =
                Duration.builder().prior(true).minutes(ALARM_BEFORE_MIN).build();
        VAlarm alarm = new VAlarm(Action.display(), new Trigger(before, Related.START));
        alarm.setDescription(text);
        return alarm;
    }

    private static Date date(LocalDateTime local, ZoneId zone) {
        return Date.from(local.atZone(zone).toInstant());
    }
}
