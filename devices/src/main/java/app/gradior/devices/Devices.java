package app.gradior.devices;

import app.gradior.course.PotCourse;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The scale and the probe at one pot. */
public final class Devices {
    private static final double PROBE_SD_C = 0.3;
    private static final int PROBE_EVERY = 2;
    private static final Duration LOOK_AGAIN = Duration.ofSeconds(5);

    private final Api api;
    private final Clock clock;
    private final Random random;
    private final HiddenPot hidden;
    private final Scale scale;
    private final Courier courier;
    private final JsonMapper json = JsonMapper.builder().build();
    private final String run;
    private int readings;

    Devices(Api api, Clock clock, long seed) {
        this.api = api;
        this.clock = clock;
        this.random = new Random(seed);
        this.hidden = new HiddenPot(api, new Random(seed));
        this.scale = new Scale(random);
        this.courier = new Courier(api, random);
        this.run = Long.toHexString(clock.instant().toEpochMilli());
    }

    /**
     * Reads one pot until its batch is over.
     *
     * @param args --url http://… --token grd_… and --batch with an id or --name with a part of a live batch's name; --every with the
     *     seconds between weigh-ins (60), --seed with a number for another hidden pot
     */
    public static void main(String[] args) throws InterruptedException {
        Options options = Options.of(args);
        Api api = new HttpApi(
                options.needed("url"), options.or("token", System.getenv().getOrDefault("GRADIOR_TOKEN", "")));
        long seed = Long.parseLong(options.or("seed", "7"));
        Duration every = Duration.ofSeconds(Long.parseLong(options.or("every", "60")));
        new Devices(api, Clock.systemUTC(), seed).follow(options, every);
    }

    private void follow(Options options, Duration every) throws InterruptedException {
        Optional<Long> batch = Optional.empty();
        while (batch.isEmpty()) {
            batch = find(options);
            if (batch.isEmpty()) {
                Thread.sleep(LOOK_AGAIN.toMillis());
            }
        }
        System.out.println("scale and probe at batch " + batch.get() + ", every " + every.toSeconds() + " s");
        while (tick(batch.get())) {
            Thread.sleep(every.toMillis());
        }
        System.out.println("the batch is over");
    }

    private Optional<Long> find(Options options) {
        if (options.has("batch")) {
            return Optional.of(Long.parseLong(options.needed("batch")));
        }
        try {
            for (JsonNode batch : api.get("/batches?state=live").get("batches")) {
                if (batch.get("name").stringValue().contains(options.needed("name"))) {
                    return Optional.of(batch.get("id").longValue());
                }
            }
        } catch (IOException e) {
            System.out.println("not reached: " + e.getMessage());
        }
        return Optional.empty();
    }

    /**
     * Weighs once, now and then with a look at the probe, and tells what it can.
     *
     * @return whether the batch is still on, as far as is known
     */
    boolean tick(long batchId) {
        Instant now = clock.instant();
        try {
            JsonNode batch = api.get("/batches/" + batchId);
            if (!batch.get("state").stringValue().equals("live")) {
                return false;
            }
            PotCourse pot = hidden.at(batch, now);
            String path = "/batches/" + batchId + "/events";
            double emptyG = batch.get("pot").get("emptyG").doubleValue();
            OptionalDouble grossG = scale.reads(pot.massG() + emptyG, now);
            if (grossG.isPresent()) {
                courier.take(path, event("weight", now).put("grossG", grossG.getAsDouble()));
            }
            if (readings % PROBE_EVERY == 0) {
                double tempC = Math.round(10 * (pot.tempC() + PROBE_SD_C * random.nextGaussian())) / 10.0;
                courier.take(path, event("temperature", now).put("c", tempC));
            }
        } catch (IOException e) {
            System.out.println("not reached: " + e.getMessage());
        }
        courier.deliver();
        return true;
    }

    private ObjectNode event(String type, Instant now) {
        readings++;
        return json.createObjectNode()
                .put("clientKey", "device-" + run + "-" + readings)
                .put("type", type)
                .put("at", now.atOffset(ZoneOffset.UTC).toString());
    }
}
