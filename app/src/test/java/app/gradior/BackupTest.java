package app.gradior;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The launcher's backup and restore, on a database of its own. */
class BackupTest {
    private static final Path MIGRATIONS = Path.of("src/main/resources/db/migration");
    private static final String ROWS = """
            insert into kitchen (id, name, altitude_m, measures, fahrenheit, time_zone)
              values (7, 'Küche “Zur Ünle”; -- \\\\ 100%', 320.5, 'METRIC', 0, 'UTC');
            insert into batch (id, kitchen_id, name, state, started_at, words) values (3, 7, 'Gelée', 'FINISHED', '2026-12-01 10:00:00.123', 'gelee');
            insert into photo (kitchen_id, batch_id, added_at, image) values (7, 3, '2026-12-01 11:00:00', x'ffd8000a1a5c27');
            """;

    @TempDir
    private Path root;

    private String said = "";

    @BeforeEach
    void aProjectOfItsOwn() throws IOException {
        Path migrations = root.resolve("app").resolve(MIGRATIONS);
        Files.createDirectories(migrations);
        Files.copy(Path.of("../gradior"), root.resolve("gradior"));
        Files.copy(MIGRATIONS.resolve("V2__sessions.sql"), migrations.resolve("V2__sessions.sql"));
    }

    private int gradior(String... arguments) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(
                        Stream.concat(Stream.of("bash", root.resolve("gradior").toString()), Stream.of(arguments))
                                .toList())
                .redirectErrorStream(true)
                .start();
        said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        return process.waitFor();
    }

    private Path backup(String name) throws IOException, InterruptedException {
        Path file = root.resolve(name);
        assertThat(gradior("backup", file.toString())).as(said).isZero();
        return file;
    }

    private int restore(Path file) throws IOException, InterruptedException {
        return gradior("restore", file.toString());
    }

    private Path seed() throws Exception {
        List<Path> files;
        try (Stream<Path> found = Files.list(MIGRATIONS)) {
            files = found.sorted().toList();
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(bytes)) {
            for (Path file : files) {
                out.write(Files.readAllBytes(file));
            }
            out.write(ROWS.getBytes(StandardCharsets.UTF_8));
        }
        Path seed = root.resolve("seed.sql.gz");
        Files.write(seed, bytes.toByteArray());
        return withChecksum(seed);
    }

    private static Path withChecksum(Path file) throws Exception {
        byte[] digest = MessageDigest.getInstance("SHA-256").digest(Files.readAllBytes(file));
        Files.writeString(
                Path.of(file + ".sha256"), HexFormat.of().formatHex(digest) + "  " + file.getFileName() + "\n");
        return file;
    }

    @Test
    void whatIsRestoredIsBackedUpAgainToTheSameBytesAndADamagedFileChangesNothing() throws Exception {
        assertThat(restore(seed())).as(said).isZero();
        Path first = backup("first.sql.gz");
        try (GZIPInputStream in = new GZIPInputStream(Files.newInputStream(first))) {
            assertThat(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .contains("Küche “Zur Ünle”; -- ")
                    .containsIgnoringCase("0xffd8000a1a5c27")
                    .contains("10:00:00.123")
                    .contains("create table".toUpperCase(java.util.Locale.ROOT) + " `batch_plan`");
        }
        assertThat(restore(first)).as(said).isZero();
        assertThat(backup("second.sql.gz")).hasSameBinaryContentAs(first);

        Path bare = Files.copy(first, root.resolve("bare.sql.gz"));
        assertThat(restore(bare)).as("without a checksum").isNotZero();
        assertThat(said).contains("without its checksum a backup is not trusted");

        Path damaged = withChecksum(Files.copy(first, root.resolve("damaged.sql.gz")));
        byte[] bytes = Files.readAllBytes(damaged);
        bytes[bytes.length / 2] ^= 1;
        Files.write(damaged, bytes);
        assertThat(restore(damaged)).as("damaged").isNotZero();
        assertThat(said).contains("is damaged: its checksum differs");
        assertThat(backup("third.sql.gz")).hasSameBinaryContentAs(first);
    }
}
