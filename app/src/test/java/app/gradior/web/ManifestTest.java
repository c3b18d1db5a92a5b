package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import app.gradior.batch.Origin;
import app.gradior.room.batch.Batches;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What a device needs to put Gradior on its home screen. */
class ManifestTest extends PageCalls {
    @Autowired
    JsonMapper json;

    @Autowired
    Batches batches;

    private JsonNode manifest(boolean signedIn) throws Exception {
        String text = signedIn
                ? body(get("/manifest.webmanifest"))
                : mvc.perform(get("/manifest.webmanifest"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString();
        return json.readTree(text);
    }

    @Test
    void everyIconIsThereInTheSizeItSays() throws Exception {
        JsonNode manifest = manifest(false);
        assertThat(manifest.path("start_url").asString()).isEqualTo("/");
        assertThat(manifest.path("display").asString()).isEqualTo("standalone");
        boolean maskable = false;
        for (JsonNode icon : manifest.path("icons")) {
            byte[] bytes = mvc.perform(get(icon.path("src").asString()))
                    .andReturn()
                    .getResponse()
                    .getContentAsByteArray();
            maskable |= icon.path("purpose").asString().equals("maskable");
            if (icon.path("type").asString().equals("image/png")) {
                BufferedImage image = ImageIO.read(new ByteArrayInputStream(bytes));
                assertThat(image.getWidth() + "x" + image.getHeight())
                        .isEqualTo(icon.path("sizes").asString());
            } else {
                assertThat(new String(bytes)).startsWith("<svg");
            }
        }
        assertThat(maskable).isTrue();
    }

    @Test
    void aKitchensOwnLivePotsAreShortcutsAndNobodyElses() throws Exception {
        assertThat(manifest(true).path("shortcuts")).isEmpty();
        batches.start(kitchens.kitchen(cook.kitchenId()), "Damsons", Origin.NONE, glaze("Rondeau"), clock.instant());
        JsonNode pots = manifest(true).path("shortcuts");
        assertThat(pots).hasSize(1);
        assertThat(pots.get(0).path("name").asString()).isEqualTo("Damsons");
        assertThat(pots.get(0).path("url").asString()).matches("/pot/\\d+");
        assertThat(manifest(false).path("shortcuts")).as("nobody is signed in").isEmpty();
        ownKitchen();
        assertThat(manifest(true).path("shortcuts")).as("another kitchen").isEmpty();
    }
}
