package truekeen.app.platform;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Locale;
import java.util.TreeMap;

/** Requests of nonsense to a running service: how they were answered, the slowest, and each that made it fail. */
public final class FuzzBench {
    private static final int USUAL = 100_000;
    private static final int EACH = 5_000;
    private static final long SLOW_MS = 2_000;
    private static final int SHOWN = 600;

    private final HttpClient http = HttpClient.newHttpClient();
    private final String base;

    private FuzzBench(String base) {
        this.base = base;
    }

    /** Arguments: the address, how many requests, the seed. */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        int requests = arguments.length > 1 ? Integer.parseInt(arguments[1]) : USUAL;
        long seed = arguments.length > 2 ? Long.parseLong(arguments[2]) : 1;
        new FuzzBench(arguments[0]).send(requests, seed);
    }

    private void send(int requests, long seed) throws IOException, InterruptedException {
        Fuzz fuzz = new Fuzz(
                new ObjectMapper()
                        .readTree(text(new Fuzz.Request("GET", "/api/v1/openapi", ""))
                                .body()),
                path -> text(new Fuzz.Request("GET", path, "")).body(),
                seed);
        TreeMap<Integer, Integer> statuses = new TreeMap<>();
        long slowestMs = 0;
        int slow = 0;
        int failed = 0;
        for (int i = 1; i <= requests; i++) {
            Fuzz.Request r = fuzz.next();
            long from = System.nanoTime();
            HttpResponse<String> answer = text(r);
            long ms = (System.nanoTime() - from) / 1_000_000;
            statuses.merge(answer.statusCode(), 1, Integer::sum);
            if (ms > slowestMs) {
                slowestMs = ms;
            }
            if (ms > SLOW_MS) {
                slow++;
                System.out.printf("%d ms: %s %s%n", ms, r.method(), shown(r.path()));
            }
            if (answer.statusCode() >= 500) {
                failed++;
                System.out.printf("%d: %s %s %s%n", answer.statusCode(), r.method(), shown(r.path()), shown(r.body()));
            }
            if (i % EACH == 0) {
                System.err.printf("%d of %d%n", i, requests);
            }
        }
        System.out.printf(
                Locale.ROOT,
                "%d requests from seed %d: %s; failed %d; over %d ms %d; slowest %d ms%n",
                requests,
                seed,
                statuses,
                failed,
                SLOW_MS,
                slow,
                slowestMs);
    }

    private HttpResponse<String> text(Fuzz.Request r) {
        try {
            return http.send(
                    HttpRequest.newBuilder(URI.create(base + r.path()))
                            .header("Content-Type", "application/json")
                            .method(
                                    r.method(),
                                    r.body().isEmpty()
                                            ? HttpRequest.BodyPublishers.noBody()
                                            : HttpRequest.BodyPublishers.ofString(r.body()))
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
        } catch (IOException e) {
            throw new IllegalStateException(r.method() + " " + r.path(), e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private static String shown(String text) {
        return text.length() > SHOWN ? text.substring(0, SHOWN) + "…" : text;
    }
}
