package app.gradior.room.batch;

import app.gradior.finding.Refusal;
import app.gradior.finding.Thing;
import app.gradior.kept.Inserted;
import app.gradior.kept.Utc;
import app.gradior.room.words.Told;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Clock;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Photographs of batches. Whatever comes is decoded and drawn anew at most 1600 pixels wide: place, camera and everything else that was
 * in the file stays outside.
 */
@Service
public class Photos {
    private static final int MOST_BYTES = 2 * 1024 * 1024;
    private static final int MOST_PIXELS = 40_000_000;
    /** A picture that has to be held whole while it is read, line after line coming again: progressive or interlaced. */
    private static final int MOST_PIXELS_HELD = 12_000_000;

    private static final java.util.Set<String> FORMATS = java.util.Set.of("jpeg", "png");
    /** One is drawn at a time: each takes tens of megabytes. */
    private static final Semaphore DRAWING = new Semaphore(1, true);

    private static final int LONGEST_SIDE = 1600;
    public static final int MOST_PER_BATCH = 12;

    /** Place of the byte that says so in a PNG: the end of its first chunk. */
    private static final int PNG_INTERLACE = 28;

    private final PhotoMapper photos;
    private final Clock clock;

    Photos(PhotoMapper photos, Clock clock) {
        this.photos = photos;
        this.clock = clock;
    }

    public List<Long> ids(long kitchenId, long batchId) {
        return photos.ids(kitchenId, batchId);
    }

    /** A photograph, JPEG. */
    public byte[] image(long kitchenId, long batchId, long id) {
        return photos.find(kitchenId, batchId, id)
                .orElseThrow(() -> Refusal.missing(Thing.PHOTOGRAPH))
                .image();
    }

    /**
     * Keeps one.
     *
     * @throws Refusal when it is no picture, or too large
     */
    @Transactional
    public long add(long kitchenId, long batchId, byte[] file) {
        if (photos.ids(kitchenId, batchId).size() >= MOST_PER_BATCH) {
            throw Refusal.conflict("photo", Told.of("photos.this-batch-has-photographs-remove-one", MOST_PER_BATCH));
        }
        Inserted key = new Inserted();
        photos.insert(new BatchPhoto(0, kitchenId, batchId, Utc.now(clock), redrawn(file)), key);
        return key.getId();
    }

    @Transactional
    public void remove(long kitchenId, long batchId, long id) {
        if (photos.remove(kitchenId, batchId, id) == 0) {
            throw Refusal.missing(Thing.PHOTOGRAPH);
        }
    }

    /** A picture of a kitchen's file: kept byte by byte when it is as we write them, so that the file stays the same; else drawn anew. */
    public static byte[] ours(byte[] file) {
        byte[] fresh = redrawn(file);
        return plain(file) ? file : fresh;
    }

    /** Whether a JPEG holds nothing but its picture: no thumbnail, place, camera or comment, and nothing after its end. */
    private static boolean plain(byte[] jpeg) {
        int at = 2;
        while (at + 4 <= jpeg.length && (jpeg[at] & 0xFF) == 0xFF) {
            int marker = jpeg[at + 1] & 0xFF;
            int length = (jpeg[at + 2] & 0xFF) << 8 | jpeg[at + 3] & 0xFF;
            boolean picture = marker >= 0xC0 && marker <= 0xCF || marker >= 0xDA && marker <= 0xDD;
            boolean bareHeader = marker == 0xE0 && length == 16;
            if (!picture && !bareHeader || length < 2) {
                return false;
            }
            at += 2 + length;
            if (marker == 0xDA) {
                return endsWithPicture(jpeg, at);
            }
        }
        return false;
    }

    /** Whether nothing but one picture's data comes from there to the end. */
    private static boolean endsWithPicture(byte[] jpeg, int from) {
        for (int i = from; i + 1 < jpeg.length; i++) {
            int next = jpeg[i + 1] & 0xFF;
            if ((jpeg[i] & 0xFF) == 0xFF && next != 0 && !(next >= 0xD0 && next <= 0xD7)) {
                return next == 0xD9 && i + 2 == jpeg.length;
            }
        }
        return false;
    }

    /** The same picture in a fresh file. */
    static byte[] redrawn(byte[] file) {
        if (file.length == 0 || file.length > MOST_BYTES) {
            throw Refusal.unfit("photo", Told.of("photos.choose-a-picture-of-at-most"));
        }
        DRAWING.acquireUninterruptibly();
        try {
            return drawnAnew(file);
        } finally {
            DRAWING.release();
        }
    }

    private static byte[] drawnAnew(byte[] file) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw Refusal.unfit("photo", Told.of("photos.this-is-no-picture-that-can"));
            }
            ImageReader reader = readers.next();
            if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                throw Refusal.unfit("photo", Told.of("photos.this-is-no-picture-that-can"));
            }
            reader.setInput(in, true, true);
            int width = reader.getWidth(0);
            int height = reader.getHeight(0);
            int most = isHeldWhole(file) ? MOST_PIXELS_HELD : MOST_PIXELS;
            if ((long) width * height > most) {
                throw Refusal.unfit("photo", Told.of("photos.this-picture-has-more-than-million", most / 1_000_000));
            }
            // Every so manieth pixel is read: memory is taken for what is kept, not for what the file claims to be.
            int every = Math.max(1, Math.max(width, height) / (2 * LONGEST_SIDE));
            ImageReadParam sparing = reader.getDefaultReadParam();
            sparing.setSourceSubsampling(every, every, 0, 0);
            try {
                return jpeg(reader.read(0, sparing));
            } finally {
                reader.dispose();
            }
        } catch (IOException | IndexOutOfBoundsException | IllegalArgumentException e) {
            throw Refusal.unfit("photo", Told.of("photos.this-picture-is-damaged-it-cannot"));
        }
    }

    /** Whether the file is a progressive JPEG or an interlaced PNG. */
    private static boolean isHeldWhole(byte[] file) {
        boolean png = file.length > PNG_INTERLACE && (file[0] & 0xFF) == 0x89;
        if (png) {
            return file[PNG_INTERLACE] != 0;
        }
        for (int at = 2; at + 4 < file.length && (file[at] & 0xFF) == 0xFF; ) {
            int marker = file[at + 1] & 0xFF;
            if (marker == 0xC2) {
                return true;
            }
            if (marker == 0xDA) {
                return false;
            }
            at += 2 + ((file[at + 2] & 0xFF) << 8 | file[at + 3] & 0xFF);
        }
        return false;
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        double scale = Math.min(1, (double) LONGEST_SIDE / Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(scale * image.getWidth()));
        int height = Math.max(1, (int) Math.round(scale * image.getHeight()));
        BufferedImage fresh = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = fresh.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(image, 0, 0, width, height, java.awt.Color.WHITE, null);
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(fresh, "jpg", out);
        return out.toByteArray();
    }
}
