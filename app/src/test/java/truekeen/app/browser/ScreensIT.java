package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every main view, in both themes and at every size it is used at. */
class ScreensIT {
    private static final int MOST_SCRIPT_BYTES = 150_000;
    /** What a person must never read: the name of a constant, such as SECONDARY or LEAST_TIME. */
    private static final Pattern CODE =
            Pattern.compile("\\b(?!(?:FEPA|MESH|JSON|JPEG|MICRON|TRUEKEEN)\\b)[A-Z]{4,}(?:_[A-Z]+)*\\b");

    private static Service service;

    @BeforeAll
    static void serve() {
        service = Service.demo();
    }

    @AfterAll
    static void stop() {
        service.close();
    }

    private static String tool(Browser browser, String name) {
        browser.onRack(name);
        return (String) browser.script(
                "return [...document.querySelectorAll('a')].find(a => a.textContent === arguments[0])"
                        + ".getAttribute('href')",
                name);
    }

    @ParameterizedTest
    @CsvSource({"stone, 1280, 800", "stone, 390, 844", "slate, 800, 1280"})
    void nothingBarsAnyoneAndNothingIsCutOff(String theme, int width, int height) throws IOException {
        try (Browser browser = new Browser(service.url(), width, height)) {
            browser.open("/");
            browser.script("localStorage.setItem('truekeen.theme', arguments[0])", theme);
            String slick = tool(browser, "38 mm paring slick");
            String chisel = tool(browser, "24 mm bench chisel");
            String done = tool(browser, "12 mm bench chisel");
            String tried = tool(browser, "16 mm bench chisel");
            String knife = tool(browser, "thin slicing knife");
            String iron = tool(browser, "jack iron");
            String axe = tool(browser, "felling axe");
            String bar = tool(browser, "51 cm mower bar");
            String cleaver = tool(browser, "vegetable cleaver");
            browser.open("/").see("Go on at the bench");
            String session = (String)
                    browser.script("return document.querySelector(\"a[href^='/bench/']\").getAttribute('href')");
            List<String[]> views = List.of(
                    new String[] {"/", "What now"},
                    new String[] {"/rack", "The rack"},
                    new String[] {"/kit", "What holds the angle"},
                    new String[] {"/reference", "Rules of the shelf"},
                    new String[] {"/reference/guide-projection", "With your own numbers"},
                    new String[] {"/first", "What do you sharpen first?"},
                    new String[] {"/take-in", "each family has its own"},
                    new String[] {"/house-rules", "At work now"},
                    new String[] {slick, "Set-up card"},
                    new String[] {slick + "/survey", "This edge wants"},
                    new String[] {slick + "/angle", "Projection for the secondary"},
                    new String[] {knife + "/angle", "What happened before"},
                    new String[] {iron + "/angle", "strokes across the iron"},
                    new String[] {axe + "/take-in", "As you describe it"},
                    new String[] {bar + "/survey", "This edge wants"},
                    new String[] {cleaver + "/survey", "What each asks of the edge"},
                    new String[] {cleaver + "/repair", "Light passes to the edge"},
                    new String[] {cleaver + "/profile", "went evenly"},
                    new String[] {chisel + "/plan", "Step sheet"},
                    new String[] {chisel + "/schools", "A burr at every stone"},
                    new String[] {session, "Undo"},
                    new String[] {done + "/test", "An edge is tested"},
                    new String[] {tried + "/test", "Not keen yet"},
                    new String[] {tried + "/finish", "Wash slurry and swarf off"},
                    new String[] {done + "/log", "Steel left to sharpen"},
                    new String[] {done + "/house-rules", "House rules of the"},
                    new String[] {bar + "/machine", "is safe to reach into"},
                    new String[] {bar + "/inspect", "Fit to be worked"},
                    new String[] {bar + "/balance", "This balancer tells"});
            assertThat(addressesNotIn(views)).as("pages that nobody looks at").isEmpty();
            for (String[] view : views) {
                browser.open(view[0]).see(view[1]);
                // On a phone the bench, its plan and its board are judged; the rest is the same page, narrower.
                boolean judged = width > 390
                        || Set.of("/", session, tried + "/test", chisel + "/plan")
                                .contains(view[0]);
                if (judged) {
                    assertThat(browser.accessibilityFaults())
                            .as(theme + " " + view[0])
                            .isEmpty();
                }
                assertThat(CODE.matcher(browser.text()).results().map(MatchResult::group))
                        .as("codes instead of words on " + view[0])
                        .isEmpty();
                Object over = browser.script(
                        "return document.documentElement.scrollWidth - document.documentElement.clientWidth");
                assertThat(((Number) over).intValue())
                        .as("sideways scroll of " + view[0])
                        .isZero();
            }
        }
    }

    /** Addresses of the screens that no view opens. The bench of a tool only leads on to its session. */
    private static List<String> addressesNotIn(List<String[]> views) throws IOException {
        String app = Files.readString(Path.of("../web/src/App.tsx"));
        List<String> addresses = Pattern.compile("path=\"([^\"]+)\"")
                .matcher(app)
                .results()
                .map(m -> m.group(1))
                .toList();
        assertThat(addresses).hasSizeGreaterThan(20);
        return addresses.stream()
                .filter(a -> !a.equals("/tools/:id/bench"))
                .filter(a -> views.stream().noneMatch(v -> v[0].matches(a.replaceAll(":id", "[^/]+"))))
                .toList();
    }

    @Test
    void theWayBackOfTheBrowserWorksAndEveryPlaceHasAnAddress() {
        try (Browser browser = new Browser(service.url(), 1280, 800)) {
            String slick = tool(browser, "38 mm paring slick");
            browser.open(slick).see("Set-up card").press("Choose the angle").see("Why these");
            browser.driver().navigate().back();
            browser.see("Set-up card");
            browser.driver().navigate().forward();
            browser.see("Why these");
            assertThat(browser.path()).isEqualTo(slick + "/angle");
        }
    }

    /** What the first page loads before anything is shown: the script it names and those it preloads, packed. */
    @Test
    void theFirstLoadIsSmall() throws IOException {
        String page = Files.readString(Path.of("../web/dist/index.html"));
        Matcher named = Pattern.compile("/assets/[^\"]+\\.js").matcher(page);
        long bytes = 0;
        while (named.find()) {
            ByteArrayOutputStream packed = new ByteArrayOutputStream();
            try (GZIPOutputStream gzip = new GZIPOutputStream(packed)) {
                gzip.write(Files.readAllBytes(Path.of("../web/dist" + named.group())));
            }
            bytes += packed.size();
        }
        assertThat(bytes).isBetween(1L, (long) MOST_SCRIPT_BYTES);
    }
}
