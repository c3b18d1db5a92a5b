package app.gradior;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.MessageDigest;
import java.time.Duration;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;

/** The launcher's backup and restore, each time on a database of its own; side by side, for most of it is waiting for a server. */
@Execution(ExecutionMode.CONCURRENT)
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
    private String passphrase = "";

    @BeforeEach
    void aProjectOfItsOwn() throws IOException {
        Files.setPosixFilePermissions(root, PosixFilePermissions.fromString("rwxr-xr-x"));
        Path migrations = root.resolve("app").resolve(MIGRATIONS);
        Files.createDirectories(migrations);
        Files.createDirectories(root.resolve("deb"));
        for (String piece : List.of("gradior", "deb/door.sh")) {
            Files.copy(Path.of("..", piece), root.resolve(piece));
        }
        Files.copy(MIGRATIONS.resolve("V2__sessions.sql"), migrations.resolve("V2__sessions.sql"));
    }

    private Process launch(String... arguments) throws IOException {
        ProcessBuilder builder = new ProcessBuilder(
                        Stream.concat(Stream.of("bash", root.resolve("gradior").toString()), Stream.of(arguments))
                                .toList())
                .redirectErrorStream(true);
        builder.environment().remove("GRADIOR_HOME");
        builder.environment().put("GRADIOR_PASSPHRASE_FILE", passphrase);
        builder.environment().put("PATH", root.resolve("bin") + ":" + System.getenv("PATH"));
        return builder.start();
    }

    private int gradior(String... arguments) throws IOException, InterruptedException {
        Process process = launch(arguments);
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

    private Path seed(String... more) throws Exception {
        List<Path> files;
        try (Stream<Path> found = Files.list(MIGRATIONS)) {
            files = found.sorted(Comparator.comparingInt(BackupTest::number)).toList();
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(bytes)) {
            for (Path file : files) {
                out.write(Files.readAllBytes(file));
            }
            out.write(ROWS.getBytes(StandardCharsets.UTF_8));
            out.write(String.join("", more).getBytes(StandardCharsets.UTF_8));
        }
        Path seed = root.resolve("seed.sql.gz");
        Files.write(seed, bytes.toByteArray());
        return withChecksum(seed);
    }

    private static int number(Path migration) {
        return Integer.parseInt(migration.getFileName().toString().replaceAll("^V(\\d+)__.*", "$1"));
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

    private Path hostile(String name, String sql) throws Exception {
        Path file = root.resolve(name);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream out = new GZIPOutputStream(bytes)) {
            out.write(sql.getBytes(StandardCharsets.UTF_8));
        }
        Files.write(file, bytes.toByteArray());
        return withChecksum(file);
    }

    /** A dump may come from anybody: it is read in as an account that may touch nothing else, and without the client's own commands. */
    @Test
    void aDumpDoesNothingButFillItsOwnDatabase() throws Exception {
        assertThat(restore(seed())).as(said).isZero();
        Path before = backup("before.sql.gz");
        Path touched = root.resolve("touched");
        String kitchen = "create table kitchen (id bigint primary key);\n";
        List<String> evil = List.of(
                "\\! touch " + touched + "\n" + kitchen,
                "system touch " + touched + "\n" + kitchen,
                "source " + touched + "\n" + kitchen,
                kitchen + "select 'x' into outfile '" + touched + "';\n",
                "create database elsewhere;\n" + kitchen,
                "drop database mysql;\n" + kitchen,
                "create user evil@localhost;\n" + kitchen,
                "grant all on *.* to gradior@'127.0.0.1';\n" + kitchen,
                "use gradior;\ndrop table kitchen;\n",
                "drop table gradior.kitchen;\n" + kitchen,
                kitchen + "create trigger t before insert on kitchen for each row set new.id = 1;\n",
                "set global general_log = 1;\n" + kitchen,
                "create table other (id bigint primary key);\n");
        for (int i = 0; i < evil.size(); i++) {
            Path file = hostile("evil-" + i + ".sql.gz", evil.get(i));
            assertThat(restore(file)).as(evil.get(i)).isNotZero();
            assertThat(said).as(evil.get(i)).contains("nothing was changed");
            assertThat(touched).as(evil.get(i)).doesNotExist();
        }
        assertThat(backup("after.sql.gz")).hasSameBinaryContentAs(before);
    }

    @Test
    void aChecksumIsOfThisFileAndWhatWasThereCanItselfBeRestoredAndPassphrasesLock() throws Exception {
        assertThat(restore(seed())).as(said).isZero();
        Path first = backup("first.sql.gz");
        Path other = withChecksum(Files.copy(first, root.resolve("other.sql.gz")));
        Files.move(other, root.resolve("renamed.sql.gz"));
        Files.move(root.resolve("other.sql.gz.sha256"), root.resolve("renamed.sql.gz.sha256"));
        assertThat(restore(root.resolve("renamed.sql.gz"))).isNotZero();
        assertThat(said).contains("is not the checksum of renamed.sql.gz");

        assertThat(restore(seed())).as(said).isZero();
        Path aside = Path.of(said.replaceAll("(?s).*what was there is in (\\S+).*", "$1"));
        assertThat(restore(aside)).as(said).isZero();
        assertThat(said).contains("the same bytes when written out again");
        assertThat(Files.getPosixFilePermissions(aside))
                .containsExactlyInAnyOrder(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);

        Path word = Files.writeString(root.resolve("word"), "a passphrase of ours");
        passphrase = word.toString();
        assertThat(gradior("backup", "--encrypt", root.resolve("locked.sql.gz").toString()))
                .as(said)
                .isZero();
        Path locked = root.resolve("locked.sql.gz.gpg");
        assertThat(new String(Files.readAllBytes(locked), StandardCharsets.ISO_8859_1))
                .doesNotContain("kitchen");
        assertThat(root.resolve("locked.sql.gz")).doesNotExist();
        Files.writeString(word, "another passphrase");
        assertThat(restore(locked)).isNotZero();
        assertThat(said).contains("is it the right passphrase?");
        Files.writeString(word, "a passphrase of ours");
        assertThat(restore(locked)).as(said).isZero();
        assertThat(backup("last.sql.gz")).hasSameBinaryContentAs(first);
    }

    /** A program that the launcher finds before the true one. */
    private void insteadOf(String program, String script) throws IOException {
        Path file = Files.createDirectories(root.resolve("bin")).resolve(program);
        Files.writeString(file, "#!/bin/bash\n" + script);
        for (Path path : List.of(file.getParent(), file)) {
            Files.setPosixFilePermissions(path, PosixFilePermissions.fromString("rwxr-xr-x"));
        }
    }

    @Test
    void aPortThatSomebodyHeldForAMomentIsLeftToThemAndAnyOtherCauseIsSaid() throws Exception {
        String fails = """
                for word in "$@"; do case $word in
                  --log-error=*) log=${word#*=} ;; --port=*) echo "${word#*=}" >>%1$s ;; esac; done
                if [ "$(wc -l <%1$s)" -lt 3 ]; then
                  echo "2026-12-01 10:00:00 0 [ERROR] %2$s" >>"$log"
                  echo "2026-12-01 10:00:00 0 [ERROR] Aborting" >>"$log"
                  exit 1
                fi
                exec /usr/sbin/mariadbd "$@"
                """;
        Path ports = Files.createFile(root.resolve("ports"));
        Files.setPosixFilePermissions(ports, PosixFilePermissions.fromString("rw-rw-rw-"));
        insteadOf("mariadbd", fails.formatted(ports, "no room on this disk"));
        assertThat(gradior("backup", root.resolve("none.sql.gz").toString())).isNotZero();
        assertThat(said).contains("the database did not start: no room on this disk (all of it: ");
        assertThat(Files.readAllLines(ports)).as("is not tried again").hasSize(1);

        Files.writeString(ports, "");
        insteadOf("mariadbd", fails.formatted(ports, "Can't start server: Bind on TCP/IP port. Got error: 98"));
        assertThat(restore(seed())).as(said).isZero();
        assertThat(Files.readAllLines(ports)).hasSize(3).doesNotHaveDuplicates();
    }

    /** Of the launcher and who stops it, the one who comes second waits, too: a server that answers no more still holds its data. */
    @Test
    void stoppedMeansThatTheServerHasEnded() throws Exception {
        Path server = Files.copy(
                Path.of("/bin/bash"),
                Files.createDirectories(root.resolve("slow")).resolve("mariadbd"));
        assertThat(server.toFile().setExecutable(true)).isTrue();
        Process ending = new ProcessBuilder(
                        server.toString(),
                        "-c",
                        "trap '' TERM; for i in {1..20}; do sleep 0.2; done",
                        "server",
                        "--datadir=" + root.resolve("var/db/data"))
                .start();
        try {
            assertThat(gradior("stop")).as(said).isZero();
            assertThat(ending.isAlive()).isFalse();
        } finally {
            ending.destroyForcibly();
        }
    }

    /** An application that comes no further than half a migration, and then does this. */
    private void breaksOff(String then) throws IOException {
        insteadOf("java", """
                mariadb --no-defaults --socket=%s -u "$(id -un)" gradior -e 'drop table photo; delete from batch'
                %s
                """.formatted(root.resolve("var/db/server.sock"), then));
        Path build = Files.createDirectories(root.resolve("var/build/app")).getParent();
        Files.writeString(build.resolve("classes.jsa"), "");
        Files.writeString(build.resolve("stamp"), "");
    }

    @Test
    void aMigrationThatFailsOrIsInterruptedLeavesWhatWasThere() throws Exception {
        String history =
                "create table flyway_schema_history (installed_rank int primary key, version varchar(50), success bool);"
                        + "insert into flyway_schema_history values (1, '1', 1);";
        Files.copy(
                MIGRATIONS.resolve("V3__kitchens_own.sql"),
                root.resolve("app").resolve(MIGRATIONS).resolve("V3__kitchens_own.sql"));
        assertThat(restore(seed(history))).as(said).isZero();
        Path before = backup("before.sql.gz");

        breaksOff("exit 1");
        assertThat(gradior("start")).isNotZero();
        assertThat(said)
                .contains("new tables are coming: backing up to", "the database is as it was before the migration");
        assertThat(backup("failed.sql.gz")).hasSameBinaryContentAs(before);

        Path halfWay = root.resolve("var/db/half-way");
        breaksOff("touch " + halfWay + "; exec sleep 600");
        Process launcher = launch("start");
        long deadline = System.nanoTime() + Duration.ofMinutes(4).toNanos();
        while (!Files.exists(halfWay) && launcher.isAlive() && System.nanoTime() < deadline) {
            launcher.waitFor(20, TimeUnit.MILLISECONDS);
        }
        assertThat(halfWay).exists();
        List<ProcessHandle> all = launcher.descendants().toList();
        launcher.destroyForcibly().waitFor();
        all.forEach(ProcessHandle::destroyForcibly);
        assertThat(root.resolve("var/run/migrating.gradior")).exists();

        breaksOff("exit 1");
        assertThat(gradior("start")).isNotZero();
        assertThat(said).contains("a migration was interrupted: the database is put back as it was before");
        assertThat(backup("interrupted.sql.gz")).hasSameBinaryContentAs(before);
    }
}
