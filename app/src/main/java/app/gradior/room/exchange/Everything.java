package app.gradior.room.exchange;

import app.gradior.access.Members;
import app.gradior.access.Passkeys;
import app.gradior.access.Right;
import app.gradior.room.batch.BatchesAsKept;
import app.gradior.room.house.Kitchens;
import app.gradior.room.practice.Practices;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** All that is one person's: their account, what they recorded in every kitchen, and whole those kitchens that they own. */
@Service
public class Everything {
    private final Members members;
    private final Passkeys passkeys;
    private final Kitchens kitchens;
    private final BatchesAsKept batches;
    private final Practices practices;
    private final KitchenFileWriter writer;
    private final JsonMapper json;

    // Wide: everything is in many rooms.
    Everything(
            Members members,
            Passkeys passkeys,
            Kitchens kitchens,
            BatchesAsKept batches,
            Practices practices,
            KitchenFileWriter writer,
            JsonMapper json) {
        this.members = members;
        this.passkeys = passkeys;
        this.kitchens = kitchens;
        this.batches = batches;
        this.practices = practices;
        this.writer = writer;
        this.json = json;
    }

    /** A kitchen, and what the person recorded and practised there. */
    record Place(String kitchen, String role, List<BatchesAsKept.RecordedBy> recorded, Practices.AsKept practised) {}

    /** An account; its password is kept as a hash that nobody needs to see. */
    record Account(String login, List<Passkeys.Key> passkeys, List<Place> kitchens) {}

    /** Writes it as a zip of JSON files; what they are is in docs/schema and docs/api.md. */
    public void write(long accountId, String login, OutputStream out) throws IOException {
        List<Members.Place> places = members.places(accountId);
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            zip.putNextEntry(new ZipEntry("account.json"));
            List<Place> recorded = places.stream()
                    .map(place -> new Place(
                            place.name(),
                            place.role().name(),
                            batches.recordedBy(place.kitchenId(), accountId),
                            practices.asKept(new Practices.Cook(place.kitchenId(), accountId))))
                    .toList();
            zip.write(json.writerWithDefaultPrettyPrinter()
                    .writeValueAsBytes(new Account(login, passkeys.of(login), recorded)));
            zip.closeEntry();
            for (Members.Place place : places) {
                if (place.role().may(Right.OWN)) {
                    zip.putNextEntry(new ZipEntry("kitchen-" + place.kitchenId() + ".json"));
                    writer.write(kitchens.kitchen(place.kitchenId()), new Open(zip));
                    zip.closeEntry();
                }
            }
        }
    }

    /** Whoever writes an entry does not close the file around it. */
    private static final class Open extends FilterOutputStream {
        Open(OutputStream out) {
            super(out);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            out.write(bytes, from, length);
        }

        @Override
        public void close() throws IOException {
            flush();
        }
    }
}
