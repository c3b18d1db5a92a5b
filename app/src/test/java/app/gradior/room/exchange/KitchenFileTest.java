package app.gradior.room.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.gradior.CookedGravy;
import app.gradior.care.Storage;
import app.gradior.finding.Refusal;
import app.gradior.room.batch.Photos;
import app.gradior.room.house.Kitchen;
import app.gradior.room.kit.Lessons;
import app.gradior.room.larder.Larder;
import app.gradior.room.shelf.Shelf;
import app.gradior.testing.Refused;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** A kitchen with a bit of everything as a file, and back; the pictures in it. */
class KitchenFileTest extends CookedGravy {
    @Autowired
    private Shelf shelf;

    @Autowired
    private Photos photos;

    @Autowired
    private Larder larder;

    @Autowired
    private Lessons lessons;

    @Autowired
    private KitchenFileWriter writer;

    @Autowired
    private KitchenFileReader reader;

    @Autowired
    private JsonMapper json;

    @Test
    void whatIsReadInIsWrittenOutTheSameByteByByte() throws IOException {
        shelf.pack(
                kitchen, batchId, List.of(new Shelf.Filled("Jam jar", 2, 337)), Storage.JARS, shelf.today(kitchen), "");
        photos.add(kitchen.id(), batchId, picture(300, 200));
        lessons.count(kitchen.id(), batchId, false);
        byte[] first = writer.write(kitchen);
        Kitchen other = fresh();
        reader.read(other, first);
        assertThat(new String(writer.write(other), StandardCharsets.UTF_8))
                .isEqualTo(new String(first, StandardCharsets.UTF_8));
        assertThat(lessons.latest(other.id())).singleElement().satisfies(lesson -> {
            assertThat(lesson.counted()).isFalse();
            assertThat(lesson.pairLog())
                    .isEqualTo(lessons.latest(kitchen.id()).get(0).pairLog());
        });
        assertThatThrownBy(() -> reader.read(other, first))
                .isInstanceOf(Refusal.class)
                .satisfies(Refused.saying("empty"));
        Kitchen third = fresh();
        String text = new String(first, StandardCharsets.UTF_8);
        assertThatThrownBy(() -> reader.read(
                        third,
                        text.replace("\"grossG\" : 2900.0", "\"grossG\" : -5").getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Refusal.class)
                .satisfies(Refused.saying("grossG"));
        assertThatThrownBy(() -> reader.read(third, "{}".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(Refusal.class);
        assertThat(batches.all(third.id())).isEmpty();
    }

    @Test
    void aFilesPicturesAreBareAndItsContainersCouldHaveComeAbout() throws IOException {
        photos.add(kitchen.id(), batchId, picture(60, 40));
        shelf.pack(
                kitchen,
                batchId,
                List.of(new Shelf.Filled("Jam jar", 1, 337)),
                Storage.FRIDGE,
                shelf.today(kitchen).plusDays(2),
                "");
        ObjectNode whole = (ObjectNode) json.readTree(writer.write(kitchen));
        ObjectNode batch = (ObjectNode) whole.get("batches").get(0);
        ObjectNode photo = (ObjectNode) batch.get("photos").get(0);
        byte[] bare = photo.get("image").binaryValue();
        photo.put("image", withComment(bare));
        Kitchen other = fresh();
        reader.read(other, json.writeValueAsBytes(whole));
        long copy = batches.all(other.id()).get(0).id();
        byte[] kept =
                photos.image(other.id(), copy, photos.ids(other.id(), copy).get(0));
        assertThat(new String(kept, StandardCharsets.ISO_8859_1)).doesNotContain("54.5 N");
        assertThat(ImageIO.read(new java.io.ByteArrayInputStream(kept)).getWidth())
                .isEqualTo(60);
        photo.put("image", bare);
        for (String wrong : List.of("state GONE", "place SHED", "useBy 1999-01-01", "ml -3", "name  ")) {
            ObjectNode container = (ObjectNode) batch.get("containers").get(0).deepCopy();
            String field = wrong.substring(0, wrong.indexOf(' '));
            container.put(field, wrong.substring(wrong.indexOf(' ') + 1));
            ObjectNode bad = whole.deepCopy();
            ((ObjectNode) bad.get("batches").get(0)).putArray("containers").add(container);
            assertThatThrownBy(() -> reader.read(fresh(), json.writeValueAsBytes(bad)))
                    .as(wrong)
                    .isInstanceOf(Refusal.class);
        }
    }

    /** The JPEG with a comment segment after its first marker. */
    private static byte[] withComment(byte[] jpeg) {
        byte[] comment = "\u00ff\u00fe\u0000\u0015taken at 54.5 N 1 W".getBytes(StandardCharsets.ISO_8859_1);
        byte[] all = new byte[jpeg.length + comment.length];
        System.arraycopy(jpeg, 0, all, 0, 2);
        System.arraycopy(comment, 0, all, 2, comment.length);
        System.arraycopy(jpeg, 2, all, 2 + comment.length, jpeg.length - 2);
        return all;
    }

    private static byte[] picture(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB), "png", out);
        return out.toByteArray();
    }

    @Test
    void whatThereIsInTheHouseGoesAlongAndOlderFilesHaveNone() throws IOException {
        larder.keepInHouse(kitchen, List.of("passata", "milk"), List.of("passata", "milk"));
        ObjectNode whole = (ObjectNode) json.readTree(writer.write(kitchen));
        Kitchen other = fresh();
        reader.read(other, json.writeValueAsBytes(whole));
        assertThat(larder.inHouse(other.id())).containsExactlyInAnyOrder("passata", "milk");
        ((ObjectNode) whole.get("inHouse").get(0)).put("foodId", "snake-oil");
        assertThatThrownBy(() -> reader.read(fresh(), json.writeValueAsBytes(whole)))
                .satisfies(Refused.saying("snake-oil"));
        whole.remove("inHouse");
        Kitchen third = fresh();
        reader.read(third, json.writeValueAsBytes(whole));
        assertThat(larder.inHouse(third.id())).isEmpty();
    }

    @Test
    void photographsAreDrawnAnewAndAnythingElseIsRefused() throws IOException {
        long id = photos.add(kitchen.id(), batchId, picture(3200, 1000));
        BufferedImage kept = ImageIO.read(new java.io.ByteArrayInputStream(photos.image(kitchen.id(), batchId, id)));
        assertThat(kept.getWidth()).isEqualTo(1600);
        assertThat(kept.getHeight()).isEqualTo(500);
        assertThatThrownBy(() -> photos.add(kitchen.id(), batchId, "<svg/>".getBytes(StandardCharsets.UTF_8)))
                .satisfies(Refused.saying("no picture"));
        assertThatThrownBy(() -> photos.add(kitchen.id(), batchId, new byte[3_000_000]))
                .satisfies(Refused.saying("2 MB"));
        assertThatThrownBy(() -> photos.image(fresh().id(), batchId, id))
                .as("another kitchen's")
                .isInstanceOf(Refusal.class);
    }

    /** A few kilobytes that claim forty million pixels are read sparingly; more, or as many to be held whole, are refused unread. */
    @Test
    void aSmallFileOfManyPixelsTakesNoMemory() throws IOException {
        long id = photos.add(kitchen.id(), batchId, bitmap(8000, 4990));
        BufferedImage kept = ImageIO.read(new java.io.ByteArrayInputStream(photos.image(kitchen.id(), batchId, id)));
        assertThat(kept.getWidth()).isEqualTo(1600);
        assertThat(kept.getHeight()).isEqualTo(998);
        assertThatThrownBy(() -> photos.add(kitchen.id(), batchId, bitmap(9000, 5000)))
                .satisfies(Refused.saying("40 million pixels"));
        byte[] interlaced = bitmap(8000, 4990);
        interlaced[28] = 1;
        assertThatThrownBy(() -> photos.add(kitchen.id(), batchId, interlaced))
                .satisfies(Refused.saying("12 million pixels"));
        ByteArrayOutputStream gif = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(20, 20, BufferedImage.TYPE_INT_RGB), "gif", gif);
        assertThatThrownBy(() -> photos.add(kitchen.id(), batchId, gif.toByteArray()))
                .satisfies(Refused.saying("JPEG or PNG"));
    }

    private static byte[] bitmap(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_BINARY), "png", out);
        return out.toByteArray();
    }
}
