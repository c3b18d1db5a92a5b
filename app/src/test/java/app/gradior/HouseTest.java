package app.gradior;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.gradior.web.draw.QrDrawing;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.security.KeyStore;
import java.security.cert.Certificate;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The certificates that the launcher makes for a house, and the square that a camera reads. */
class HouseTest {
    @TempDir
    Path folder;

    private void certificates(String... names) throws Exception {
        List<String> command = new ArrayList<>(
                List.of("../gradior", "certificates", folder.resolve("house").toString()));
        command.addAll(List.of(names));
        Process made = new ProcessBuilder(command).redirectErrorStream(true).start();
        String says = new String(made.getInputStream().readAllBytes());
        assertThat(made.waitFor()).as(says).isZero();
    }

    private Path file(String name) {
        return folder.resolve("house").resolve(name);
    }

    private X509Certificate authority() throws Exception {
        try (InputStream in = Files.newInputStream(file("authority.crt"))) {
            return (X509Certificate) CertificateFactory.getInstance("X.509").generateCertificate(in);
        }
    }

    private Certificate[] chain() throws Exception {
        char[] word = Files.readString(file("key")).toCharArray();
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (InputStream in = Files.newInputStream(file("server.p12"))) {
            store.load(in, word);
        }
        assertThat(store.getKey("server", word)).isNotNull();
        return store.getCertificateChain("server");
    }

    private static List<String> names(X509Certificate certificate) throws Exception {
        Collection<List<?>> names = certificate.getSubjectAlternativeNames();
        return names.stream().map(name -> String.valueOf(name.get(1))).toList();
    }

    @Test
    void anAuthoritySignsACertificateForTheNamesOfThisMachineAndNothingIsReadByOthers() throws Exception {
        certificates("192.168.7.5", "study", "study.local");
        Certificate[] chain = chain();
        X509Certificate server = (X509Certificate) chain[0];
        server.verify(authority().getPublicKey());
        assertThat(chain[1]).isEqualTo(authority());
        assertThat(names(server))
                .containsExactlyInAnyOrder("localhost", "127.0.0.1", "192.168.7.5", "study", "study.local");
        assertThat(server.getBasicConstraints()).as("signs nothing itself").isEqualTo(-1);
        assertThat(authority().getBasicConstraints())
                .as("signs no other authority")
                .isZero();
        assertThat(server.getExtendedKeyUsage()).containsExactly("1.3.6.1.5.5.7.3.1");
        Instant until = server.getNotAfter().toInstant();
        assertThat(ChronoUnit.DAYS.between(Instant.now(), until))
                .as("more than 398 days phones do not take")
                .isBetween(395L, 398L);
        try (Stream<Path> kept = Files.list(folder.resolve("house"))) {
            assertThat(kept.toList())
                    .allSatisfy(path -> assertThat(Files.getPosixFilePermissions(path))
                            .as(path.toString())
                            .isSubsetOf(Set.of(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE)));
        }
        assertThat(Files.getPosixFilePermissions(folder.resolve("house")))
                .doesNotContain(PosixFilePermission.GROUP_EXECUTE, PosixFilePermission.OTHERS_EXECUTE);
    }

    @Test
    void aCertificateStaysUntilAnAddressChangesOrItRunsOutAndTheAuthorityStaysAlways() throws Exception {
        certificates("192.168.7.5");
        X509Certificate authority = authority();
        Certificate first = chain()[0];
        certificates("192.168.7.5");
        assertThat(chain()[0]).isEqualTo(first);
        certificates("10.0.0.9");
        Certificate second = chain()[0];
        assertThat(second).isNotEqualTo(first);
        assertThat(names((X509Certificate) second)).contains("10.0.0.9").doesNotContain("192.168.7.5");
        Files.writeString(
                file("until"),
                String.valueOf(Instant.now().plus(29, ChronoUnit.DAYS).getEpochSecond()));
        certificates("10.0.0.9");
        assertThat(chain()[0]).as("a month before it runs out").isNotEqualTo(second);
        assertThat(authority()).as("devices that trust it go on").isEqualTo(authority);
    }

    /** A camera reads the drawing: drawn large, read back. */
    @Test
    void aCameraReadsTheAddress() throws Exception {
        String address = "https://192.168.178.42:8443";
        String text = QrDrawing.text(address);
        List<String> rows = text.lines().toList();
        int size = rows.get(0).length();
        int scale = 4;
        int[] pixels = new int[size * scale * size * scale];
        for (int y = 0; y < size; y++) {
            for (int x = 0; x < size; x++) {
                char two = rows.get(y / 2).charAt(x);
                boolean light = two == '█' || two == (y % 2 == 0 ? '▀' : '▄');
                for (int i = 0; i < scale * scale; i++) {
                    pixels[(y * scale + i / scale) * size * scale + x * scale + i % scale] = light ? 0xFFFFFF : 0;
                }
            }
        }
        BinaryBitmap picture =
                new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(size * scale, size * scale, pixels)));
        assertThat(new QRCodeReader().decode(picture).getText()).isEqualTo(address);
        assertThat((double) rows.size()).as("two rows to a line").isCloseTo(size / 2.0, within(0.5));
        assertThat(QrDrawing.draw(address, "our <address>"))
                .contains("viewBox=\"0 0 " + size + " " + size + "\"")
                .contains("our &lt;address&gt;");
    }

    @Test
    void theLauncherTakesNoFlagItDoesNotKnowAndNoProxyWithoutAName() throws IOException, InterruptedException {
        for (List<String> wrong : List.of(
                List.of("start", "--hose"),
                List.of("start", "--behind-proxy"),
                List.of("start", "--house", "--behind-proxy"))) {
            List<String> command = new ArrayList<>(List.of("../gradior"));
            command.addAll(wrong);
            ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
            builder.environment().remove("GRADIOR_HOSTS");
            builder.environment().put("GRADIOR_HOME", folder.resolve("home").toString());
            Process started = builder.start();
            String says = new String(started.getInputStream().readAllBytes());
            assertThat(started.waitFor()).as(says).isNotZero();
            assertThat(says).contains("--");
            assertThat(Files.exists(folder.resolve("home"))).isFalse();
        }
    }
}
