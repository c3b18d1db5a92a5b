package app.gradior.web.account;

import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.room.house.GradiorProperties;
import app.gradior.room.words.Words;
import app.gradior.web.draw.QrDrawing;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.GeneralSecurityException;
import java.security.MessageDigest;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestHeader;

/** How other devices of the house get here, and how they come to trust this machine. */
@Controller
class HouseController {
    private static final MediaType CERTIFICATE = MediaType.parseMediaType("application/x-x509-ca-cert");

    private final GradiorProperties.House house;

    HouseController(GradiorProperties properties) {
        this.house = properties.house();
    }

    /**
     * An address of this machine.
     *
     * @param drawing of it, for a camera
     */
    record Address(String address, String drawing) {}

    @GetMapping("/house")
    String house(Model model) {
        model.addAttribute("open", house.open());
        model.addAttribute(
                "addresses",
                house.addresses().stream()
                        .map(one -> new Address(one, QrDrawing.draw(one, Words.text("house.for-a-camera", one))))
                        .toList());
        model.addAttribute("mark", mark());
        return "house";
    }

    @GetMapping("/trust")
    String trust(@RequestHeader(value = HttpHeaders.USER_AGENT, defaultValue = "") String agent, Model model) {
        Device here = Device.of(agent).orElse(Device.IPHONE);
        model.addAttribute("here", here);
        model.addAttribute(
                "others",
                Arrays.stream(Device.values()).filter(one -> one != here).toList());
        model.addAttribute("mark", mark());
        return "trust";
    }

    /** The authority's certificate, as devices take it. */
    @GetMapping("/trust/gradior.crt")
    ResponseEntity<byte[]> certificate() {
        X509Certificate certificate = authority().orElseThrow(() -> Refusal.missing(Thing.CERTIFICATE));
        try {
            return ResponseEntity.ok()
                    .contentType(CERTIFICATE)
                    .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"gradior.crt\"")
                    .body(certificate.getEncoded());
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The certificate's mark, to be compared with the one in the launcher's terminal; empty without one. */
    private String mark() {
        try {
            Optional<X509Certificate> certificate = authority();
            if (certificate.isEmpty()) {
                return "";
            }
            byte[] digest = MessageDigest.getInstance("SHA-256")
                    .digest(certificate.get().getEncoded());
            return HexFormat.ofDelimiter(":").withUpperCase().formatHex(digest);
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException(e);
        }
    }

    private Optional<X509Certificate> authority() {
        if (house.authority().isEmpty()) {
            return Optional.empty();
        }
        try {
            byte[] pem = Files.readAllBytes(Path.of(house.authority()));
            return Optional.of((X509Certificate)
                    CertificateFactory.getInstance("X.509").generateCertificate(new ByteArrayInputStream(pem)));
        } catch (IOException | GeneralSecurityException e) {
            throw new IllegalStateException(house.authority(), e);
        }
    }
}
