package app.gradior.room.shelf;

import app.gradior.room.words.Words;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.Duration;
import java.time.ZoneOffset;
import java.util.Date;
import java.util.List;

/** Shelf dates as an iCalendar: one whole day each. */
public final class ShelfCalendar {
    private ShelfCalendar() {}

    /** The file's text. */
    public static String of(List<KeptContainer> kept) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Gradior//Shelf//EN");
        for (KeptContainer row : kept) {
            VEvent event = new VEvent();
            event.setUid("container-" + row.id() + "@gradior");
            event.setSummary(Words.text("shelf-calendar.use", row.sauce(), row.name()));
            event.setDateStart(
                    Date.from(
                            row.useBy().atStartOfDay(ZoneOffset.systemDefault()).toInstant()),
                    false);
            event.setDuration(Duration.builder().days(1).build());
            calendar.addEvent(event);
        }
        return Biweekly.write(calendar).go();
    }
}
