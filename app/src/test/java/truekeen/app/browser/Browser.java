package truekeen.app.browser;

import com.deque.html.axecore.results.Results;
import com.deque.html.axecore.results.Rule;
import com.deque.html.axecore.selenium.AxeBuilder;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.logging.Level;
import org.openqa.selenium.By;
import org.openqa.selenium.ElementNotInteractableException;
import org.openqa.selenium.JavascriptExecutor;
import org.openqa.selenium.Keys;
import org.openqa.selenium.NoSuchElementException;
import org.openqa.selenium.OutputType;
import org.openqa.selenium.StaleElementReferenceException;
import org.openqa.selenium.WebDriver;
import org.openqa.selenium.WebDriverException;
import org.openqa.selenium.WebElement;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;
import org.openqa.selenium.interactions.Actions;
import org.openqa.selenium.logging.LogEntry;
import org.openqa.selenium.logging.LogType;
import org.openqa.selenium.logging.LoggingPreferences;
import org.openqa.selenium.support.ui.ExpectedConditions;
import org.openqa.selenium.support.ui.WebDriverWait;

/** A tablet on the bench: headless Chromium in a profile of its own, driven by what a person sees and does. */
public final class Browser implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    /** How long a page may take to come to rest after it changed. */
    private static final Duration SETTLING = Duration.ofSeconds(15);

    private final ChromeDriver driver;
    private final Path profile;
    private final String base;

    /** A fresh profile, looking at the service at {@code base}. */
    public Browser(String base, int width, int height) {
        this(base, width, height, "en-GB");
    }

    /** One that is set to a language. */
    Browser(String base, int width, int height, String language) {
        this(base, width, height, language, profile());
    }

    private static Path profile() {
        try {
            return Files.createTempDirectory("tk-browser");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Browser(String base, int width, int height, String language, Path profile) {
        this.base = base.replaceAll("/$", "");
        this.profile = profile;
        ChromeOptions options = new ChromeOptions();
        LoggingPreferences heard = new LoggingPreferences();
        heard.enable(LogType.BROWSER, Level.ALL);
        options.setCapability(ChromeOptions.LOGGING_PREFS, heard);
        options.setBinary(System.getProperty("truekeen.chromium", "/usr/bin/chromium"));
        options.addArguments(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-quic",
                "--disable-dev-shm-usage",
                "--no-first-run",
                "--disable-background-networking",
                "--disable-component-update",
                "--disable-sync",
                // The shop makes its certificate itself; whoever opens it looks at the fingerprint and goes on.
                "--ignore-certificate-errors",
                "--force-prefers-reduced-motion",
                "--lang=" + language,
                "--accept-lang=" + language,
                "--user-data-dir=" + profile);
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(
                        new java.io.File(System.getProperty("truekeen.chromedriver", "/usr/bin/chromedriver")))
                .usingAnyFreePort()
                .build();
        driver = new ChromeDriver(service, options);
        // What a test asks of a page in one go may be hundreds of requests, beside other work.
        driver.manage().timeouts().scriptTimeout(Duration.ofMinutes(5));
        size(width, height);
    }

    /** Sets the true size of the viewport, which a window size alone does not, and makes sure of it. */
    public void size(int width, int height) {
        driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", false));
        Object inner = script("return window.innerWidth + 'x' + window.innerHeight");
        if (!inner.equals(width + "x" + height)) {
            throw new IllegalStateException("the viewport is " + inner);
        }
    }

    /** What the browser refused to do for the page since it was last asked: the page may load and run nothing foreign. */
    List<String> refusedByPolicy() {
        return driver.manage().logs().get(LogType.BROWSER).getAll().stream()
                .map(LogEntry::getMessage)
                .filter(m -> m.contains("Content Security Policy"))
                .toList();
    }

    public ChromeDriver driver() {
        return driver;
    }

    public Browser open(String path) {
        driver.get(path.startsWith("http") ? path : base + path);
        return this;
    }

    public Object script(String code, Object... arguments) {
        return ((JavascriptExecutor) driver).executeScript(code, arguments);
    }

    /** Waits until something holds; what is looked for may come and go meanwhile. */
    public <T> T until(String what, Function<WebDriver, T> condition) {
        return until(PATIENCE, what, condition);
    }

    /** The same, for what takes its time by nature. */
    <T> T until(Duration patience, String what, Function<WebDriver, T> condition) {
        return new WebDriverWait(driver, patience, Duration.ofMillis(50))
                .ignoreAll(List.of(
                        NoSuchElementException.class,
                        StaleElementReferenceException.class,
                        // Its subclass is a click that something else would take.
                        ElementNotInteractableException.class))
                .withMessage(() -> what + ", on a page that says: " + text())
                .until(condition);
    }

    /**
     * What is wrong with a page once it has come to rest: drawings follow a new size a few frames later, on a busy machine
     * many. What is wrong for good is given after the wait.
     */
    <T extends List<?>> T lasting(Supplier<T> faults) {
        long end = System.nanoTime() + SETTLING.toNanos();
        T now = faults.get();
        while (!now.isEmpty() && System.nanoTime() < end) {
            now = faults.get();
        }
        return now;
    }

    /** The words on the page as they are shown. The driver's own way asks element by element, which takes long. */
    public String text() {
        return ((String) script("return document.body.innerText")).replace('\u00a0', ' ');
    }

    /** Waits for words on the page. */
    public Browser see(String words) {
        until("waiting to see “" + words + "”", d -> text().contains(words));
        return this;
    }

    /** Waits for words to go. */
    public Browser seeNoMore(String words) {
        until("waiting for “" + words + "” to go", d -> !text().contains(words));
        return this;
    }

    /**
     * What can be pressed under those words, brought into sight; it notes whether a click meets it. Asked in one go: the driver's
     * own way asks element by element whether it is shown, which takes longer than the rest of a task.
     */
    private static final String TO_PRESS =
            """
            const flat = text => text.replace(/[ \\t\\r\\n]+/g, ' ').trim();
            const named = e => flat(e.textContent) === arguments[0] || e.getAttribute('aria-label') === arguments[0]
                || [...e.querySelectorAll('span')].some(s => flat(s.textContent) === arguments[0]);
            const found = [...document.querySelectorAll('button, a, summary')]
                .find(e => named(e) && !e.disabled && e.checkVisibility({visibilityProperty: true, opacityProperty: true}));
            if (!found) return null;
            window.met = false;
            found.addEventListener('click', () => { window.met = true }, {capture: true, once: true});
            found.scrollIntoView({block: 'center'});
            return found;
            """;

    /** Presses a button or follows a link by its words. */
    public Browser press(String words) {
        until("waiting to press “" + words + "”", d -> {
            WebElement element = (WebElement) script(TO_PRESS, words);
            if (element == null) {
                return null;
            }
            element.click();
            // It may have moved when something above it came in.
            return Boolean.FALSE.equals(script("return window.met")) ? null : element;
        });
        return this;
    }

    /** Presses a key so many times. */
    Browser press(Keys key, int times) {
        new Actions(driver).sendKeys(key.toString().repeat(times)).perform();
        return this;
    }

    /** Opens what is folded away under a name; it may have been left open before. */
    Browser unfold(String name) {
        By by = By.xpath("//summary[.//span[normalize-space(.)=" + quoted(name) + "]]");
        until("waiting to unfold “" + name + "”", d -> {
            WebElement summary = d.findElements(by).stream().findFirst().orElse(null);
            if (summary != null && summary.findElement(By.xpath("..")).getDomAttribute("open") == null) {
                center(summary);
                summary.click();
            }
            return summary;
        });
        return this;
    }

    /** Taps what a selector finds. */
    Browser tap(String selector) {
        until("waiting to tap " + selector, d -> {
            WebElement element = d.findElement(By.cssSelector(selector));
            center(element);
            element.click();
            return element;
        });
        return this;
    }

    /** Goes to a stage of the tool at hand. */
    Browser stage(String name) {
        By by = By.xpath("//nav[@aria-label='Stages']//a[contains(normalize-space(.), " + quoted(name) + ")]");
        until("the stage “" + name + "”", d -> {
            WebElement link = d.findElement(by);
            center(link);
            link.click();
            return link;
        });
        return this;
    }

    /** Brings an element out from under the head of the page. */
    private void center(WebElement element) {
        script("arguments[0].scrollIntoView({block: 'center'})", element);
    }

    /** Types into the field of that label, replacing what stood there. */
    public Browser type(String label, String typed) {
        WebElement field = field(label);
        center(field);
        field.sendKeys(Keys.chord(Keys.CONTROL, "a"), Keys.DELETE);
        field.sendKeys(typed);
        return this;
    }

    /** Opens all of a tool's log that is not shown at first. */
    Browser wholeLog() {
        see("Add a note");
        By more = By.cssSelector("ol[aria-label='History, newest first'] + button");
        while (!driver.findElements(more).isEmpty()) {
            tap("ol[aria-label='History, newest first'] + button");
        }
        return this;
    }

    /** Looks a tool up on the rack. */
    public Browser onRack(String name) {
        return open("/rack?find=" + URLEncoder.encode(name, StandardCharsets.UTF_8))
                .see(name);
    }

    /** Takes a tool in at the door, up to its dimensions. */
    public Browser door(String name, String crew, String kind, String steel) {
        return open("/take-in")
                .see("each family has its own")
                .type("What it is called here", name)
                .choose("Whose it is", crew)
                .choose("Kind of tool, and its work", kind)
                .choose("Steel", steel);
    }

    /** What stands in the field of that label. */
    public String typed(String label) {
        return field(label).getDomProperty("value");
    }

    /** The field that carries a label. */
    public WebElement field(String label) {
        return until("waiting for the field “" + label + "”", d -> {
            // Asked in one go: the driver's own way to read a label costs as much as the rest of a task.
            return (WebElement) script(
                    "const tag = [...document.querySelectorAll('label[for]')]"
                            + ".find(l => l.textContent.replace(/\\s+/g, ' ').trim() === arguments[0]);"
                            + "if (!tag) return null;"
                            // A person opens the fold that a field is in.
                            + "const fold = tag.closest('details'); if (fold) fold.open = true;"
                            + "return document.getElementById(tag.htmlFor)",
                    label);
        });
    }

    /** Chooses from the list of that label the option whose words start so. */
    public Browser choose(String label, String starts) {
        until("waiting for “" + starts + "” in “" + label + "”", d -> {
            WebElement option = (WebElement) script(
                    "return [...arguments[0].options].find(o => o.text.startsWith(arguments[1])) ?? null",
                    field(label),
                    starts);
            if (option == null) {
                return null;
            }
            option.click();
            return option;
        });
        return this;
    }

    /** Chooses from the list that a selector finds the option whose words start so. */
    Browser chooseIn(String selector, String starts) {
        until("waiting for “" + starts + "” in " + selector, d -> {
            WebElement option = (WebElement) script(
                    "return [...document.querySelector(arguments[0]).options]"
                            + ".find(o => o.text.startsWith(arguments[1])) ?? null",
                    selector,
                    starts);
            option.click();
            return option;
        });
        return this;
    }

    /** Types into what a selector finds. */
    Browser typeInto(String selector, String typed) {
        until("waiting for " + selector, d -> d.findElement(By.cssSelector(selector)))
                .sendKeys(typed);
        return this;
    }

    /** Picks a radio or ticks a box by its words. */
    public Browser pick(String words) {
        until("waiting to pick “" + words + "”", d -> {
            WebElement tag = (WebElement) script(
                    "return [...document.querySelectorAll('label')].find(l => l.querySelector('input')"
                            + " && (l.innerText.trim() === arguments[0]"
                            + " || l.innerText.trim().startsWith(arguments[0] + '\\n'))) ?? null",
                    words);
            if (tag == null) {
                return null;
            }
            center(tag);
            // Something above it may come in meanwhile: then it is tried again.
            tag.click();
            return tag;
        });
        return this;
    }

    /** Presses keys, as on a keyboard or a pedal. */
    public Browser keys(CharSequence... keys) {
        new Actions(driver).sendKeys(keys).perform();
        return this;
    }

    /** The strip that takes marks. */
    public WebElement strip() {
        return until("waiting for the strip", d -> d.findElement(By.cssSelector("svg[role=slider]")));
    }

    /** Drags along the strip from one share of its length to another. */
    public Browser dragStrip(double from, double to) {
        WebElement strip = strip();
        int width = strip.getRect().getWidth() - 28;
        int left = (int) Math.round((from - 0.5) * width);
        int right = (int) Math.round((to - 0.5) * width);
        new Actions(driver)
                .moveToElement(strip, left, 0)
                .clickAndHold()
                .moveToElement(strip, right, 0)
                .release()
                .perform();
        return this;
    }

    /** Takes the network of this tablet away, or gives it back: nothing but its own requests is touched. */
    Browser network(boolean there) {
        return network(!there, 0, -1);
    }

    /** A network at the end of the yard: three seconds a way, two thousand bytes a second. */
    Browser slowNetwork() {
        return network(false, 3000, 2000);
    }

    private Browser network(boolean offline, int latencyMs, int bytesPerSecond) {
        driver.executeCdpCommand("Network.enable", Map.of());
        driver.executeCdpCommand(
                "Network.emulateNetworkConditions",
                Map.of(
                        "offline",
                        offline,
                        "latency",
                        latencyMs,
                        "downloadThroughput",
                        bytesPerSecond,
                        "uploadThroughput",
                        bytesPerSecond));
        return this;
    }

    /** Reloads the page, as a person does when it looks stuck. */
    public Browser reload() {
        driver.navigate().refresh();
        return this;
    }

    public String path() {
        return driver.getCurrentUrl().substring(base.length());
    }

    public Browser atPath(String pattern) {
        until("waiting to be at " + pattern, ExpectedConditions.urlMatches(pattern));
        return this;
    }

    /** What axe finds wrong with the page as it stands; empty when nothing. */
    public List<String> accessibilityFaults() {
        return lasting(this::accessibilityFaultsNow);
    }

    @SuppressWarnings("deprecation")
    private List<String> accessibilityFaultsNow() {
        // Legacy mode judges the page in its own window. The other way opens a blank window for the verdict, which a
        // busy machine has been seen not to bring up in time; our pages have no frames that would need it.
        Results results = new AxeBuilder()
                .setLegacyMode(true)
                .setTimeout(300)
                .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                .analyze(driver);
        return results.getViolations().stream()
                .map((Rule v) -> v.getId() + ": "
                        + v.getNodes().stream()
                                .map(n -> n.getHtml() + " "
                                        + (n.getAny().isEmpty()
                                                ? ""
                                                : n.getAny().get(0).getMessage()))
                                .toList())
                .toList();
    }

    /** Waits until no part of the page says that it is coming. */
    Browser settled() {
        until("waiting for the page to settle", d -> d.findElements(By.cssSelector("[data-coming]"))
                .isEmpty());
        return this;
    }

    /** Takes a picture of what is in sight. */
    public void picture(Path file) {
        // Fonts and the debounced answers of the page must have come before it is worth a picture.
        until("waiting for fonts", d -> script("return document.fonts.status === 'loaded'"));
        settled();
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            Files.write(file, driver.getScreenshotAs(OutputType.BYTES));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String quoted(String words) {
        return words.contains("'") ? "\"" + words + "\"" : "'" + words + "'";
    }

    /** It crashes, all of it at once and without a farewell; what comes back is opened anew on the same device. */
    Browser crashed(int width, int height) {
        ProcessHandle.allProcesses()
                .filter(p -> p.info().arguments().stream()
                        .flatMap(Arrays::stream)
                        .anyMatch(("--user-data-dir=" + profile)::equals))
                .forEach(ProcessHandle::destroyForcibly);
        try {
            driver.quit();
        } catch (WebDriverException gone) {
            // It has nothing to end any more.
        }
        try {
            // What says that the profile is in use was left behind.
            for (String lock : List.of("SingletonLock", "SingletonSocket", "SingletonCookie")) {
                Files.deleteIfExists(profile.resolve(lock));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new Browser(base, width, height, "en-GB", profile);
    }

    @Override
    public void close() {
        driver.quit();
        try (var files = Files.walk(profile)) {
            files.sorted(java.util.Comparator.reverseOrder())
                    .forEach(f -> f.toFile().delete());
        } catch (IOException | UncheckedIOException left) {
            // A profile that Chromium still holds is left to the system's own cleaning of /tmp.
        }
    }
}
