package app.gradior.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.testing.PrivateMariaDb;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** An application as `./gradior start --house` starts it: by https, with an authority of its own, at another loopback address. */
final class HttpsHouse {
    static final String STOVE = "127.0.0.2";

    private final Path folder;
    private final Path house;
    private final int secure;

    /** Makes the certificates within a folder. */
    HttpsHouse(Path folder) throws IOException, InterruptedException {
        this.folder = folder;
        this.house = folder.resolve("house");
        this.secure = PrivateMariaDb.freePort();
        run("../gradior", "certificates", house.toString(), STOVE);
    }

    private static void run(String... command) throws IOException, InterruptedException {
        Process process =
                new ProcessBuilder(List.of(command)).redirectErrorStream(true).start();
        String says = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).as(says).isZero();
    }

    RunningApplication application() throws IOException {
        return RunningApplication.demo(plain -> {
            Map<String, String> settings = new HashMap<>();
            settings.put("SERVER_ADDRESS", "0.0.0.0");
            settings.put("SERVER_PORT", String.valueOf(secure));
            settings.put("SERVER_SSL_KEYSTORE", house.resolve("server.p12").toString());
            settings.put("SERVER_SSL_KEYSTORETYPE", "PKCS12");
            settings.put("SERVER_SSL_KEYSTOREPASSWORD", read(house.resolve("key")));
            settings.put("SERVER_SSL_KEYALIAS", "server");
            settings.put("GRADIOR_HOUSE_OPEN", "true");
            settings.put("GRADIOR_HOUSE_PLAINPORT", String.valueOf(plain));
            settings.put("GRADIOR_HOUSE_ADDRESSES", stove());
            settings.put(
                    "GRADIOR_HOUSE_AUTHORITY", house.resolve("authority.crt").toString());
            settings.put("GRADIOR_HOSTS", STOVE);
            settings.put("GRADIOR_SIGNUP", "OPEN");
            return settings;
        });
    }

    private static String read(Path path) {
        try {
            return Files.readString(path);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Its address in the house. */
    String stove() {
        return "https://" + STOVE + ":" + secure;
    }

    /** The environment of a browser that trusts the authority. */
    Map<String, String> trusting() throws IOException, InterruptedException {
        Path home = Files.createDirectories(folder.resolve("home"));
        for (String place : List.of(".pki/nssdb", ".local/share/pki/nssdb")) {
            Path store = Files.createDirectories(home.resolve(place));
            run("certutil", "-d", "sql:" + store, "-N", "--empty-password");
            String certificate = house.resolve("authority.crt").toString();
            run("certutil", "-d", "sql:" + store, "-A", "-t", "C,,", "-n", "gradior", "-i", certificate);
        }
        return Map.of("HOME", home.toString());
    }
}
