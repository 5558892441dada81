package truekeen.app.browser;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Request latencies of the slider-driven questions on loopback, and the time to the first usable page. */
public final class Latency {
    private static final int WARM_UP = 400;
    private static final int TIMED = 400;
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private Latency() {}

    public static void main(String[] arguments) throws IOException, InterruptedException {
        String base = arguments[0];
        String board = send(base, "GET", "/api/v1/rack", "");
        String chisel = id(board, "24 mm bench chisel");
        String slick = id(board, "38 mm paring slick");
        String knife = id(board, "thin slicing knife");
        String iron = id(board, "jack iron");
        String crowded = id(board, "long slicer");
        // All are warmed before any is timed: the first must not pay for what the compiler does for all.
        for (boolean timed : new boolean[] {false, true}) {
            time(
                    timed,
                    base,
                    "Angle, advice",
                    "/api/v1/tools/" + slick + "/angle/advice",
                    "{\"trade\":\"\",\"primary\":\"23\",\"last\":\"\",\"holderId\":\"\",\"name\":\"\",\"version\":0}");
            time(
                    timed,
                    base,
                    "Angle, two knives compared",
                    "/api/v1/tools/" + knife + "/angle/advice",
                    "{\"primary\":\"14\",\"otherPrimary\":\"15\",\"otherLast\":\"19\"}");
            time(
                    timed,
                    base,
                    "Angle, a cambered iron",
                    "/api/v1/tools/" + iron + "/angle/advice",
                    "{\"camber\":\"1.2\",\"shaving\":\"0.6\",\"strokes\":\"40\"}");
            time(
                    timed,
                    base,
                    "Survey, a knife with a chip",
                    "/api/v1/tools/" + knife + "/survey/preview",
                    "{\"findings\":[{\"kind\":\"CHIP\",\"from\":\"62\",\"to\":\"63\",\"depth\":\"0.2\",\"leave\":false}],"
                            + "\"dullness\":\"DULL\"}");
            time(timed, base, "Survey, 300 mm, 30 marks", "/api/v1/tools/" + crowded + "/survey/preview", thirty());
            time(
                    timed,
                    base,
                    "Plan, twelve abrasives",
                    "/api/v1/tools/" + chisel + "/plan/preview",
                    "{\"grindOn\":\"\"}");
            time(
                    timed,
                    base,
                    "Survey, a chip and a slant",
                    "/api/v1/tools/" + slick + "/survey/preview",
                    "{\"findings\":[{\"kind\":\"CHIP\",\"from\":\"5\",\"to\":\"6\",\"depth\":\"0.4\",\"leave\":false}],"
                            + "\"dullness\":\"DULL\",\"stropTried\":false,\"backState\":\"POLISHED\",\"backDepth\":\"\","
                            + "\"highCorner\":\"LEFT\",\"squareOff\":\"0.5\",\"squareAs\":\"ANGLE\",\"squareMend\":true,"
                            + "\"person\":\"\",\"basedOn\":\"\"}");
        }
        firstPage(base);
        count(base);
    }

    /** Thirty findings of every kind, and a blade that varies along its edge. */
    private static String thirty() {
        StringBuilder all = new StringBuilder();
        String[] kinds = {"CHIP", "DENT", "ROLL", "BRIGHT", "DOTS", "PIT_BEVEL"};
        for (int i = 0; i < 30; i++) {
            all.append(i == 0 ? "" : ",")
                    .append("{\"kind\":\"")
                    .append(kinds[i % kinds.length])
                    .append("\",\"from\":\"")
                    .append(5 + i * 9.5)
                    .append("\",\"to\":\"")
                    .append(8 + i * 9.5)
                    .append("\",\"depth\":\"0.")
                    .append(10 + i)
                    .append("\",\"behind\":\"0\",\"leave\":false}");
        }
        return "{\"findings\":[" + all + "],\"dullness\":\"DULL\",\"measures\":["
                + "{\"field\":\"behindEdge\",\"at\":\"20\",\"value\":\"0.3\"},"
                + "{\"field\":\"behindEdge\",\"at\":\"150\",\"value\":\"0.4\"},"
                + "{\"field\":\"behindEdge\",\"at\":\"280\",\"value\":\"0.35\"}]}";
    }

    private static void time(boolean timed, String base, String name, String path, String body)
            throws IOException, InterruptedException {
        double[] ms = new double[timed ? TIMED : WARM_UP];
        for (int i = 0; i < ms.length; i++) {
            long start = System.nanoTime();
            send(base, "POST", path, body);
            ms[i] = (System.nanoTime() - start) / 1e6;
        }
        if (!timed) {
            return;
        }
        Arrays.sort(ms);
        System.out.printf(
                Locale.ROOT, "%-28s median %6.2f ms   p95 %6.2f ms%n", name, ms[TIMED / 2], ms[TIMED * 95 / 100]);
    }

    private static void firstPage(String base) {
        try (Browser browser = new Browser(base, 1280, 800)) {
            browser.open("/").see("Take a tool in");
            double[] ms = new double[9];
            for (int i = 0; i < ms.length; i++) {
                browser.driver().manage().deleteAllCookies();
                browser.open("/").see("Take a tool in");
                ms[i] = ((Number) browser.script(
                                "return performance.getEntriesByName('first-contentful-paint')[0].startTime"))
                        .doubleValue();
            }
            Arrays.sort(ms);
            Object interactive = browser.script("return performance.getEntriesByType('navigation')[0].domInteractive");
            System.out.printf(
                    Locale.ROOT,
                    "%-28s first paint median %4.0f ms, worst %4.0f ms; interactive at %4.0f ms%n",
                    "First page",
                    ms[ms.length / 2],
                    ms[ms.length - 1],
                    ((Number) interactive).doubleValue());
        }
    }

    /** From the key to the figure on the screen, pending: what the hand waits for. */
    private static void count(String base) {
        try (Browser browser = new Browser(base, 1280, 800)) {
            browser.open("/").see("At the bench").press("Go on at the bench").see("Step ");
            browser.press("Take it over here").seeNoMore("Take it over here");
            double[] ms = new double[60];
            for (int i = 0; i < ms.length; i++) {
                ms[i] = ((Number)
                                browser.driver()
                                        .executeAsyncScript(
                                                """
                                const done = arguments[0]
                                const figure = document.querySelector('[data-count]')
                                const before = figure.textContent
                                const start = performance.now()
                                new MutationObserver((_, watch) => {
                                  if (figure.textContent === before) return
                                  watch.disconnect()
                                  requestAnimationFrame(() => done(performance.now() - start))
                                }).observe(figure, { characterData: true, childList: true, subtree: true })
                                document.body.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', bubbles: true }))
                                """))
                        .doubleValue();
            }
            Arrays.sort(ms);
            System.out.printf(
                    Locale.ROOT,
                    "%-28s median %6.1f ms   p95 %6.1f ms   worst %6.1f ms%n",
                    "Count, key to figure",
                    ms[ms.length / 2],
                    ms[ms.length * 95 / 100],
                    ms[ms.length - 1]);
        }
    }

    private static String id(String board, String name) {
        Matcher match = Pattern.compile("\"toolId\":\"([0-9a-f-]{36})\",\"name\":\"" + name + "\"")
                .matcher(board);
        if (!match.find()) {
            throw new IllegalStateException("no " + name + " on the board");
        }
        return match.group(1);
    }

    private static String send(String base, String method, String path, String body)
            throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(base + path))
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
