package app.gradior.journeys;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A network of the rehearsal's own: each database node stands behind a cable (a network namespace and a pair of virtual interfaces on a
 * bridge), and a cable can be pulled. Then nothing answers any more, and nothing says so: neither the other nodes nor whoever asked.
 */
final class Cables implements AutoCloseable {
    private static final String BRIDGE = "gradior-reh";
    private static final String SUBNET = "10.123.7.";
    private static final String OURS = SUBNET + "254";

    private final int nodes;

    private Cables(int nodes) {
        this.nodes = nodes;
    }

    /** Lays one to each node; empty where the system lets nobody do so. */
    static Optional<Cables> lay(int nodes) {
        Cables cables = new Cables(nodes);
        cables.close(); // of one that was killed
        try {
            ip("link", "add", BRIDGE, "type", "bridge");
            ip("addr", "add", OURS + "/24", "dev", BRIDGE);
            ip("link", "set", BRIDGE, "up");
            for (int node = 0; node < nodes; node++) {
                ip("netns", "add", room(node));
                String mac = "02:00:00:00:07:0" + (node + 1);
                ip(
                        "link",
                        "add",
                        cable(node),
                        "type",
                        "veth",
                        "peer",
                        "name",
                        "eth0",
                        "address",
                        mac,
                        "netns",
                        room(node));
                // Known for good, so that what is sent to one that is away is lost, as it is behind a router, and not
                // refused here.
                ip("neigh", "replace", cables.address(node), "lladdr", mac, "dev", BRIDGE, "nud", "permanent");
                ip("link", "set", cable(node), "master", BRIDGE, "up");
                ip("-n", room(node), "addr", "add", cables.address(node) + "/24", "dev", "eth0");
                ip("-n", room(node), "link", "set", "eth0", "up");
                ip("-n", room(node), "link", "set", "lo", "up");
            }
            return Optional.of(cables);
        } catch (IOException e) {
            System.out.println("no cables can be pulled here (" + e.getMessage() + "): all stand on loopback");
            cables.close();
            return Optional.empty();
        }
    }

    private static String room(int node) {
        return "gradior-db" + (node + 1);
    }

    private static String cable(int node) {
        return "grd-db" + (node + 1);
    }

    /** Where the node is found. */
    String address(int node) {
        return SUBNET + (node + 1);
    }

    /** A command that is run where the node stands. */
    List<String> there(int node, List<String> command) {
        List<String> all = new ArrayList<>(List.of("ip", "netns", "exec", room(node)));
        all.addAll(command);
        return all;
    }

    /** Pulls the node's cable, or puts it back. */
    void pull(int node, boolean out) {
        try {
            ip("link", "set", cable(node), out ? "down" : "up");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void ip(String... what) throws IOException {
        Process process = new ProcessBuilder(
                        Stream.concat(Stream.of("ip"), Stream.of(what)).toList())
                .redirectErrorStream(true)
                .start();
        String said = new String(process.getInputStream().readAllBytes()).strip();
        try {
            if (process.waitFor() != 0) {
                throw new IOException(said);
            }
        } catch (InterruptedException e) {
            throw new IOException(e);
        }
    }

    @Override
    public void close() {
        List<String[]> all = new ArrayList<>();
        for (int node = 0; node < nodes; node++) {
            all.add(new String[] {"link", "del", cable(node)});
            all.add(new String[] {"netns", "del", room(node)});
        }
        all.add(new String[] {"link", "del", BRIDGE});
        for (String[] each : all) {
            try {
                ip(each);
            } catch (IOException e) {
                // it is not there
            }
        }
    }
}
