package app.gradior.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.jar.JarFile;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the Debian package is made of; {@code ./gradior package --try} installs it. */
class PackageTest {
    private static final Path DEB = Path.of("..", "deb");

    private static String said(Map<String, String> environment, String... command) throws Exception {
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        builder.environment().remove("GRADIOR_DB_URL");
        builder.environment().putAll(environment);
        Process process = builder.start();
        String said = new String(process.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        return process.waitFor() + ":" + said;
    }

    @Test
    void itsScriptsAreWell() throws Exception {
        try (Stream<Path> scripts = Stream.concat(
                Stream.of(DEB.resolve("prepare"), DEB.resolve("gradior"), DEB.resolve("try"), DEB.resolve("door.sh")),
                Files.list(DEB.resolve("control"))
                        .filter(file -> file.getFileName().toString().matches("p(ost|re).*")))) {
            for (Path script : scripts.toList()) {
                assertThat(said(Map.of(), "bash", "-n", script.toString()))
                        .as(script.toString())
                        .isEqualTo("0:");
                assertThat(Files.isExecutable(script)).as(script.toString()).isTrue();
            }
        }
    }

    /** NOTICE is written by {@code ./gradior notice}; whoever adds or changes a library is told here. */
    @Test
    void itsNoticeNamesEveryLibraryThatShips() throws IOException {
        String notice = Files.readString(Path.of("..", "NOTICE"));
        try (JarFile jar = new JarFile(
                LauncherTest.built("app/target", "gradior-app-", "-exec.jar").toFile())) {
            List<String> ships = jar.stream()
                    .map(entry -> entry.getName())
                    .filter(name -> name.startsWith("BOOT-INF/lib/") && name.endsWith(".jar"))
                    .map(name ->
                            name.substring(name.lastIndexOf('/') + 1).replaceAll("-(\\d[^-]*(-GA)?)\\.jar$", " $1"))
                    .filter(name -> !name.startsWith("gradior-core") && !name.startsWith("spring-boot-jarmode-tools"))
                    .toList();
            assertThat(ships)
                    .hasSizeGreaterThan(100)
                    .allSatisfy(name -> assertThat(notice).contains("\n  " + name + "\n"));
            assertThat(notice.lines().filter(line -> line.startsWith("  ")).map(String::trim))
                    .as("and no other: what a starter brings is named, the starter is empty")
                    .allSatisfy(name -> assertThat(ships.contains(name) || name.contains("-starter"))
                            .as(name)
                            .isTrue());
            assertThat(jar.getEntry("META-INF/NOTICE")).isNotNull();
        }
    }

    /** With a database elsewhere nothing of this machine is touched. */
    @Test
    void aDatabaseElsewhereIsNotPrepared() throws Exception {
        assertThat(said(
                        Map.of("GRADIOR_DB_URL", "jdbc:mariadb://elsewhere/gradior", "PATH", "/nonexistent"),
                        "/bin/sh",
                        "-c",
                        "PATH=/bin:/usr/bin . " + DEB.resolve("prepare")))
                .isEqualTo("0:");
    }

    /** Every setting that the application reads from the environment can be set in the package's file, and none that it does not know. */
    @Test
    void itsSettingsAreTheApplications() throws IOException {
        String settings = Files.readString(DEB.resolve("gradior.env"));
        String application = Files.readString(Path.of("..", "app", "src", "main", "resources", "application.yaml"));
        List<String> known = java.util.regex.Pattern.compile("GRADIOR_[A-Z_]+")
                .matcher(application)
                .results()
                .map(found -> found.group())
                .distinct()
                .toList();
        assertThat(known)
                .hasSizeGreaterThan(8)
                .allSatisfy(name -> assertThat(settings).contains(name + "="));
        assertThat(settings.lines()
                        .filter(line -> line.matches("#?GRADIOR_.*"))
                        .map(line -> line.replaceAll("^#|=.*", "")))
                .allSatisfy(name -> assertThat(known.contains(name)
                                || List.of("GRADIOR_HOSTS", "GRADIOR_NODES").contains(name))
                        .as(name)
                        .isTrue());
    }

    @Test
    void itsServiceMayDoLittle() throws IOException {
        assertThat(Files.readAllLines(DEB.resolve("gradior.service")))
                .contains(
                        "User=gradior",
                        "NoNewPrivileges=yes",
                        "CapabilityBoundingSet=",
                        "ProtectSystem=strict",
                        "ProtectHome=yes",
                        "UMask=0077",
                        "ExecStartPre=+/usr/share/gradior/prepare");
    }
}
