package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.openqa.selenium.Keys;

/** Every main view, in both themes and at every size it is used at. */
class ScreensIT {
    private static final int WIDTH = 1280;
    private static final int HEIGHT = 800;
    private static final int PHONE = 390;
    /** A tablet held either way, a phone held either way, and the first at twice the size. */
    private static final int[][] SIZES = {{WIDTH, HEIGHT}, {HEIGHT, WIDTH}, {PHONE, 844}, {844, PHONE}, {640, 400}};

    private static final int MOST_SCRIPT_BYTES = 150_000;
    /** What a person must never read: the name of a constant, such as SECONDARY or LEAST_TIME. */
    private static final Pattern CODE =
            Pattern.compile("\\b(?!(?:FEPA|MESH|JSON|JPEG|MICRON|TRUEKEEN)\\b)[A-Z]{4,}(?:_[A-Z]+)*\\b");

    private static Service service;
    private static Browser browser;
    private static List<Arguments> views;

    @BeforeAll
    static void serve() {
        service = Service.demo();
        browser = new Browser(service.url(), WIDTH, HEIGHT);
        views = views(browser);
    }

    @AfterAll
    static void stop() {
        browser.close();
        service.close();
    }

    private static String tool(Browser browser, String name) {
        browser.onRack(name);
        return (String) browser.script(
                "return [...document.querySelectorAll('a')].find(a => a.textContent === arguments[0])"
                        + ".getAttribute('href')",
                name);
    }

    /** The address of what is listed on a page. */
    private static String linked(Browser browser, String page, String name) {
        browser.open(page).see(name);
        return (String) browser.script(
                "return [...document.querySelectorAll('main a')].find(a => a.textContent.includes(arguments[0]))"
                        + ".getAttribute('href')",
                name);
    }

    /** Every page of the screens, with words that show it is there. */
    private static List<Arguments> views(Browser browser) {
        String slick = tool(browser, "38 mm paring slick");
        String chisel = tool(browser, "24 mm bench chisel");
        String done = tool(browser, "12 mm bench chisel");
        String tried = tool(browser, "16 mm bench chisel");
        String used = tool(browser, "20 mm bench chisel");
        String knife = tool(browser, "thin slicing knife");
        String iron = tool(browser, "jack iron");
        String axe = tool(browser, "felling axe");
        String bar = tool(browser, "51 cm mower bar");
        String cleaver = tool(browser, "vegetable cleaver");
        String settled = linked(browser, "/trials", "Does the strop help on our chisels?");
        String early = linked(browser, "/trials", "Does a polish pay on the jack?");
        String collected = linked(browser, "/tickets", "Ticket 1, tenants");
        browser.open("/").see("Go on at the bench");
        String session =
                (String) browser.script("return document.querySelector(\"a[href^='/bench/']\").getAttribute('href')");
        return List.of(
                arguments("/", "What now"),
                arguments("/tickets", "Done, to be collected"),
                arguments("/tickets/new", "What they bring"),
                arguments(collected, "Hand it over"),
                arguments(chisel + "/rehearse", "As planned"),
                arguments("/training", "On the virtual blade"),
                arguments("/guide", "In the order of the work"),
                arguments("/guide/all", "large enough for wet hands"),
                arguments("/guide/bench", "large enough for wet hands"),
                arguments("/day", "What is to be done"),
                arguments("/rack", "The rack"),
                arguments("/kit", "What holds the angle"),
                arguments("/reference", "Rules of the shelf"),
                arguments("/reference/guide-projection", "With your own numbers"),
                arguments("/first", "What do you sharpen first?"),
                arguments("/take-in", "each family has its own"),
                arguments("/house-rules", "The angle, and what holds it"),
                arguments("/trials", "Under way"),
                arguments("/trials/new", "What is to be settled"),
                arguments(settled, "that this is luck"),
                arguments(early, "Not enough yet"),
                arguments(early + "/prepare", "do not say which it is"),
                arguments("/shop", "Owners of tools"),
                arguments("/tablets", "Passphrase of the owner"),
                arguments("/changes", "the newest first"),
                arguments(slick, "Set-up card"),
                arguments(slick + "/survey", "This edge wants"),
                arguments(slick + "/angle", "Projection for the secondary"),
                arguments(knife + "/angle", "What happened before"),
                arguments(iron + "/angle", "strokes across the iron"),
                arguments(axe + "/take-in", "As you describe it"),
                arguments(bar + "/survey", "This edge wants"),
                arguments(cleaver + "/survey", "What each asks of the edge"),
                arguments(cleaver + "/repair", "Light passes to the edge"),
                arguments(cleaver + "/profile", "went evenly"),
                arguments(chisel + "/plan", "Step sheet"),
                arguments(chisel + "/schools", "A burr at every stone"),
                arguments(session, "Undo"),
                arguments(done + "/test", "An edge is tested"),
                arguments(tried + "/test", "Not keen yet"),
                arguments(tried + "/finish", "Wash slurry and swarf off"),
                arguments(done + "/log", "Steel left to sharpen"),
                arguments(used + "/upkeep", "The next touch-up pays"),
                arguments(done + "/house-rules", "House rules of the"),
                arguments(bar + "/machine", "is safe to reach into"),
                arguments(bar + "/inspect", "Fit to be worked"),
                arguments(bar + "/balance", "This balancer tells"));
    }

    private static List<Arguments> views() {
        return views;
    }

    /**
     * Each page is opened once and looked at in every way: it is reached by keys, bars nobody in either light, shows no code for
     * a word, and fits wherever it is held. Neither a size nor the light asks for the page anew, in our screens or here.
     */
    @ParameterizedTest(name = "{0}")
    @MethodSource("views")
    void everyoneCanWorkIt(String path, String words) {
        browser.size(WIDTH, HEIGHT);
        browser.open(path).see(words);
        assertThat(notByKeys()).as("not reached by keys, or not seen to be").isEmpty();
        // The demonstration's own page of the bench, with its plan, its board and its test, is judged on a phone as
        // well.
        boolean onPhone = path.matches("/|/bench/.*|.*/(test|plan)");
        for (int[] size : SIZES) {
            String at = size[0] + "x" + size[1];
            browser.size(size[0], size[1]);
            boolean tablet = size[0] >= 800 && size[1] >= 800;
            assertThat(browser.lasting(() -> misfits(path, size[0] == WIDTH, tablet)))
                    .as("at " + at)
                    .isEmpty();
            assertThat(CODE.matcher(browser.text()).results().map(MatchResult::group))
                    .as("codes instead of words")
                    .isEmpty();
            if (tablet || size[0] == WIDTH || onPhone && size[0] == PHONE) {
                browser.script("document.documentElement.dataset.theme = arguments[0]", tablet ? "slate" : "stone");
                assertThat(browser.accessibilityFaults()).as("at " + at).isEmpty();
            }
        }
        assertThat(browser.refusedByPolicy()).isEmpty();
    }

    /**
     * What does not fit: pages about one thing longer than two screens, bars at head and foot that take too much, what has the
     * focus hidden by them, targets that a finger misses.
     */
    private static final String MISFITS =
            """
            return (async (most, share) => { const faults = [], H = innerHeight;
            const page = document.documentElement, high = page.scrollHeight;
            if (page.scrollWidth > page.clientWidth) faults.push('scrolls sideways');
            if (most > 0 && high > most * H + 1) faults.push(`${(high / H).toFixed(2)} screens`);
            const bars = [...document.querySelectorAll('body *')].filter(e => {
                const s = getComputedStyle(e);
                return (s.position === 'fixed' || s.position === 'sticky') && e.offsetWidth > innerWidth * 0.9;
            });
            const rects = () => bars.map(e => e.getBoundingClientRect()).filter(r => r.height > 0);
            const head = () => Math.max(0, ...rects().filter(r => r.top <= 1 && r.bottom < H * 0.6).map(r => r.bottom));
            const foot = () => Math.min(H, ...rects().filter(r => r.bottom >= H - 1 && r.top > H * 0.4).map(r => r.top));
            scrollTo(0, high);
            const taken = () => (head() + H - foot()) / H;
            // The head shrinks as soon as the page has told it of the scroll, which takes it a few frames.
            for (let frames = 0; high - H > 200 && taken() > share && frames < 60; frames++)
                await new Promise(requestAnimationFrame);
            if (high - H > 200) {
                if (taken() > share) faults.push(`bars take ${taken().toFixed(2)} of the height`);
            }
            for (const e of document.querySelectorAll('a, button, input, select, textarea, summary')) {
                if (!e.checkVisibility() || e.disabled || e.closest('header') || bars.some(b => b.contains(e))) continue;
                e.focus();
                const r = e.getBoundingClientRect(), room = foot() - head();
                const name = `${e.tagName} ${(e.innerText || e.getAttribute('aria-label') || e.id).slice(0, 30)}`;
                const seen = Math.min(r.bottom, foot()) - Math.max(r.top, head());
                if (r.height > 1 && seen < Math.min(r.height - 1, room / 2))
                    faults.push(`${name} has the focus at ${Math.round(r.top)}, bars end at ${head()} and begin at ${foot()}`);
                const touched = e.matches('button, select, summary, .btn, input[type=text], textarea');
                if (touched && r.height < 43.5) faults.push(`${name} is ${r.height.toFixed(0)} px high`);
            }
            scrollTo(0, 0);
            return faults;
            })(...arguments);
            """;

    /** All that the bench asks stands on its first screen; how a step is done goes on below. Lists are as long as they are. */
    private static List<?> misfits(String path, boolean most, boolean tablet) {
        double screens = path.startsWith("/bench/") ? 2.2 : 2.0;
        boolean list = path.matches("/kit|/guide/all");
        return (List<?>) browser.script(MISFITS, most && !list ? screens : 0.0, tablet ? 0.25 : 0.5);
    }

    /**
     * What the Tab key passed, of everything on a page that can be worked: what it never came to, and where nothing showed that
     * it was there. Of choices that belong together one is passed, as browsers do.
     */
    private static final String LISTEN =
            """
            window.passed = new Set(); window.unseen = [];
            const name = e => `${e.tagName} ${(e.innerText || e.getAttribute('aria-label') || e.labels?.[0]?.innerText || e.id).slice(0, 40)}`;
            window.worked = [...document.querySelectorAll('a[href], button, input, select, textarea, summary, [tabindex]')]
                .filter(e => e.tabIndex >= 0 && !e.disabled && e.checkVisibility({visibilityProperty: true}));
            document.addEventListener('focusin', ({target: e}) => {
                passed.add(e);
                const shows = x => { const s = getComputedStyle(x);
                    return s.outlineStyle !== 'none' && parseFloat(s.outlineWidth) > 0 || s.boxShadow !== 'none'; };
                if (worked.includes(e) && ![e, e.closest('label'), e.parentElement].some(x => x && shows(x)))
                    unseen.push(name(e));
            });
            window.missed = () => worked.filter(e => e.isConnected && !passed.has(e))
                .filter(e => !(e.type === 'radio' && [...passed].some(p => p.type === 'radio' && p.name === e.name))).map(name);
            document.activeElement?.blur(); scrollTo(0, 0);
            return worked.length;
            """;

    /** What of a page that can be worked the Tab key does not come to, or nobody sees that it did. */
    private static List<Object> notByKeys() {
        int all = ((Number) browser.script(LISTEN)).intValue();
        browser.press(Keys.TAB, all + 3);
        List<Object> found = new ArrayList<>((List<?>) browser.script("return missed()"));
        // What came to the page while the key was pressed lengthened the way.
        for (int more = 0; more < 3 && !found.isEmpty(); more++) {
            browser.press(Keys.TAB, all + 3);
            found = new ArrayList<>((List<?>) browser.script("return missed()"));
        }
        found.addAll((List<?>) browser.script("return unseen"));
        return found;
    }

    @Test
    void noPageGoesWithoutBeingLookedAt() throws IOException {
        assertThat(addressesNotIn(views.stream().map(v -> (String) v.get()[0]).toList()))
                .isEmpty();
    }

    /** Addresses of the screens that no view opens. The bench of a tool only leads on to its session. */
    private static List<String> addressesNotIn(List<String> views) throws IOException {
        String app = Files.readString(Path.of("../web/src/App.tsx"));
        List<String> addresses = Pattern.compile("path=\"([^\"]+)\"")
                .matcher(app)
                .results()
                .map(m -> m.group(1))
                .toList();
        assertThat(addresses).hasSizeGreaterThan(20);
        return addresses.stream()
                .filter(a -> !a.equals("/tools/:id/bench"))
                .filter(a -> views.stream().noneMatch(v -> v.matches(a.replaceAll(":id", "[^/]+"))))
                .toList();
    }

    @Test
    void theWayBackOfTheBrowserWorksAndEveryPlaceHasAnAddress() {
        browser.size(WIDTH, HEIGHT);
        String slick = tool(browser, "38 mm paring slick");
        browser.open(slick).see("Set-up card").press("Choose the angle").see("Why these");
        browser.driver().navigate().back();
        browser.see("Set-up card");
        browser.driver().navigate().forward();
        browser.see("Why these");
        assertThat(browser.path()).isEqualTo(slick + "/angle");
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
