package app.gradior.journeys;

import app.gradior.testing.PrivateMariaDb;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The class-data archive that the applications of the journeys start from, as those of {@code ./gradior} do: two fifths less work for each of
 * some forty starts. It is written once for a build, by a start beside the first ones; whoever starts before it is there does without.
 */
final class ClassData {
    private static final Path FOLDER = Path.of("target");
    /** The program at hand as it was built, with no archive. */
    static final List<String> PROGRAM = program(System.getProperty("java.class.path"));

    private static boolean asked;

    private ClassData() {}

    /** How the application at hand is started: its classes, and what is known of them. */
    static synchronized List<String> command(List<String> flags) {
        List<Path> jars = Stream.of(System.getProperty("java.class.path").split(":"))
                .map(Path::of)
                .filter(Files::isRegularFile)
                .toList();
        // Folders cannot be archived.
        if (Boolean.getBoolean("gradior.noClassData") || jars.stream().noneMatch(ClassData::isTheApplication)) {
            return command(flags, PROGRAM);
        }
        List<String> program = program(jars.stream().map(Path::toString).collect(Collectors.joining(":")));
        Path archive = FOLDER.resolve("classes-" + builtAt(jars) + ".jsa");
        if (Files.exists(archive)) {
            return command(with(flags, "-XX:SharedArchiveFile=" + archive), program);
        }
        if (!asked) {
            asked = true;
            Thread writer = new Thread(() -> write(archive, flags, program), "class data");
            writer.setDaemon(true);
            writer.start();
        }
        return command(flags, program);
    }

    private static boolean isTheApplication(Path jar) {
        return jar.getFileName().toString().startsWith("gradior-app-")
                && !jar.getFileName().toString().endsWith("-tests.jar");
    }

    private static boolean isAnArchive(Path file) {
        return file.getFileName().toString().matches("classes(-.*\\.jsa|\\.half)");
    }

    private static long builtAt(List<Path> jars) {
        return jars.stream().mapToLong(jar -> jar.toFile().lastModified()).max().orElse(0);
    }

    /** How a program is started. */
    static List<String> command(List<String> flags, List<String> program) {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        return Stream.of(List.of(java), flags, program).flatMap(List::stream).toList();
    }

    private static List<String> program(String classPath) {
        return List.of("-cp", classPath, "app.gradior.GradiorApplication");
    }

    private static List<String> with(List<String> flags, String... more) {
        return Stream.concat(flags.stream(), Stream.of(more)).toList();
    }

    /** One of the processes that run tests does it; the others find it. */
    private static void write(Path archive, List<String> flags, List<String> program) {
        try (FileChannel lock = FileChannel.open(
                        FOLDER.resolve("classes.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                FileLock ours = lock.tryLock()) {
            if (ours == null || Files.exists(archive)) {
                return;
            }
            Path half = FOLDER.resolve("classes.half");
            try (Stream<Path> older = Files.list(FOLDER)) {
                for (Path file : older.filter(ClassData::isAnArchive).toList()) {
                    Files.delete(file);
                }
            }
            ProcessBuilder builder = new ProcessBuilder(command(
                            with(flags, "-XX:ArchiveClassesAtExit=" + half, "-Dspring.context.exit=onRefresh"),
                            program))
                    .redirectErrorStream(true)
                    .redirectOutput(FOLDER.resolve("classes.log").toFile());
            PrivateMariaDb db = PrivateMariaDb.get();
            builder.environment().put("GRADIOR_DB_URL", db.create("class_data"));
            RunningApplication.accounts(builder.environment());
            builder.environment().put("GRADIOR_PORT", String.valueOf(PrivateMariaDb.freePort()));
            Process process = builder.start();
            Runtime.getRuntime().addShutdownHook(new Thread(process::destroyForcibly));
            if (process.waitFor() == 0 && Files.exists(half)) {
                Files.move(half, archive, StandardCopyOption.ATOMIC_MOVE);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
