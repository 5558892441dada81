package truekeen.app.benchmark;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.Connection;
import java.sql.DriverManager;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/**
 * What reading a shop takes as it grows, and whether counting keeps its pace beside many boards. The service runs
 * already, on the demonstration; its database is grown here.
 */
public final class ShopBench {
    private static final List<String> SIZES = List.of("40", "400", "2000");
    private static final int ROUNDS = 10;
    private static final int TIMED = 31;
    private static final int READINGS = 2000;
    private static final int TABLETS = 20;
    private static final int SECONDS = 15;
    private static final double STROKE_SECONDS = 1.2;
    private static final String DEVICE = "bench";
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private final String base;

    private ShopBench(String base) {
        this.base = base;
    }

    /** Arguments: address of the service, JDBC address of its database, user, password, and sizes other than the usual. */
    public static void main(String[] arguments) throws Exception {
        ShopBench bench = new ShopBench(arguments[0]);
        try (Connection database = DriverManager.getConnection(arguments[1], arguments[2], arguments[3])) {
            GrownShop shop = new GrownShop(database);
            UUID tool = shop.finishedTool();
            UUID atBench = shop.toolAtBench();
            shop.rounds(tool, ROUNDS - 1);
            shop.upkeep(tool, READINGS);
            System.out.printf(
                    "%-8s%12s%12s%12s%12s%12s%12s%12s%n",
                    "tools", "board", "tool", "log", "kit", "hand", "plan", "upkeep");
            int copied = 0;
            List<String> sizes = arguments.length > 4 ? Arrays.asList(arguments).subList(4, arguments.length) : SIZES;
            for (String wanted : sizes) {
                int size = Integer.parseInt(wanted);
                int more = Math.max(0, size - shop.count());
                shop.tools(tool, copied + 1, copied + more);
                copied += more;
                shop.settle();
                bench.curve(shop.count(), tool);
            }
            shop.tools(atBench, 1, TABLETS);
            shop.settle();
            bench.pace(shop.held(atBench, TABLETS, DEVICE));
        }
    }

    private void curve(int tools, UUID tool) throws Exception {
        String plan = "{\"grindOn\":\"\",\"person\":\"\",\"answer\":\"\",\"without\":[],\"through\":[]}";
        System.out.printf(
                Locale.ROOT,
                "%-8d%9.1f ms%9.1f ms%9.1f ms%9.1f ms%9.1f ms%9.1f ms%9.1f ms%n",
                tools,
                median("GET", "/board", ""),
                median("GET", "/tools/" + tool, ""),
                median("GET", "/tools/" + tool + "/log", ""),
                median("GET", "/kit", ""),
                median("GET", "/hand?person=hand", ""),
                median("POST", "/tools/" + tool + "/plan/preview", plan),
                median("GET", "/tools/" + tool + "/upkeep", ""));
    }

    private double median(String method, String path, String body) throws Exception {
        double[] ms = new double[TIMED];
        for (int round = 0; round < 2; round++) {
            for (int i = 0; i < TIMED; i++) {
                long start = System.nanoTime();
                send(method, path, body);
                ms[i] = (System.nanoTime() - start) / 1e6;
            }
        }
        Arrays.sort(ms);
        return ms[TIMED / 2];
    }

    /** Tablets that count at the pace of hands, and then as fast as they are answered, alone and beside boards. */
    private void pace(List<UUID> sessions) throws Exception {
        for (int boards : new int[] {0, TABLETS}) {
            String beside = boards == 0 ? "alone" : "beside " + boards + " boards read without a pause";
            List<Double> hands = counted(sessions, boards, STROKE_SECONDS);
            List<Double> flatOut = counted(sessions, boards, 0);
            System.out.printf(
                    Locale.ROOT,
                    "%d tablets %s: %.1f of %.1f counts/s at the pace of hands, answered in %.0f ms (median), %.0f ms (95 in"
                            + " 100); %.0f counts/s without a pause%n",
                    sessions.size(),
                    beside,
                    (double) hands.size() / SECONDS,
                    sessions.size() / STROKE_SECONDS,
                    hands.get(hands.size() / 2),
                    hands.get((int) (hands.size() * 0.95)),
                    (double) flatOut.size() / SECONDS);
        }
    }

    /** How long each count took from the moment it was due (ms), in order; 0 seconds a stroke for one after the other. */
    private List<Double> counted(List<UUID> sessions, int boards, double secondsPerStroke) throws Exception {
        ExecutorService all = Executors.newFixedThreadPool(sessions.size() + boards, work -> {
            Thread thread = new Thread(work);
            thread.setDaemon(true);
            return thread;
        });
        long start = System.nanoTime();
        long until = start + TimeUnit.SECONDS.toNanos(SECONDS);
        Queue<Double> took = new ConcurrentLinkedQueue<>();
        List<Future<?>> running = new ArrayList<>();
        for (int i = 0; i < boards; i++) {
            running.add(all.submit(() -> {
                while (System.nanoTime() < until) {
                    send("GET", "/board", "");
                }
                return null;
            }));
        }
        for (UUID session : sessions) {
            JsonNode now = JSON.readTree(send("GET", "/sessions/" + session + "?device=" + DEVICE, ""));
            int step = now.path("current").asInt();
            JsonNode sides = now.path("steps").get(step).path("step").path("sides");
            String side = sides.isEmpty() ? "" : sides.get(0).asText();
            long pace = (long) (secondsPerStroke * 1e9);
            // Hands do not strike together.
            long first = start + pace * running.size() / (sessions.size() + boards);
            running.add(all.submit(() -> {
                for (long due = first; due < until; due = pace == 0 ? System.nanoTime() : due + pace) {
                    while (System.nanoTime() < due) {
                        LockSupport.parkNanos(due - System.nanoTime());
                    }
                    send("POST", "/sessions/" + session + "/events", count(step, side));
                    took.add((System.nanoTime() - due) / 1e6);
                }
                return null;
            }));
        }
        for (Future<?> one : running) {
            one.get();
        }
        all.shutdown();
        return took.stream().sorted().toList();
    }

    private static String count(int step, String side) {
        ObjectNode event = JSON.createObjectNode();
        event.put("id", UUID.randomUUID().toString())
                .put("sequence", 1)
                .put("at", "2026-05-14T09:30:00Z")
                .put("kind", "COUNT")
                .put("step", step)
                .put("side", side)
                .put("amount", 1)
                .put("note", "")
                .put("station", 0)
                .putNull("sign")
                .putNull("fromMm")
                .putNull("toMm")
                .putNull("value");
        ObjectNode body = JSON.createObjectNode().put("device", DEVICE).put("person", "hand");
        body.putArray("events").add(event);
        return body.toString();
    }

    private String send(String method, String path, String body) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create(base + "/api/v1" + path))
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .build();
        HttpResponse<String> response = HTTP.send(request, HttpResponse.BodyHandlers.ofString());
        if (response.statusCode() != 200) {
            throw new IllegalStateException(path + " answered " + response.statusCode() + " " + response.body());
        }
        return response.body();
    }
}
