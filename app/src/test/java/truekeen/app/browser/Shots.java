package truekeen.app.browser;

import java.nio.file.Path;
import java.util.List;

/**
 * Takes pictures of the running application. {@code Shots BASE PATH FILE WIDTHxHEIGHT [theme]} takes one; {@code Shots
 * BASE all DIRECTORY} retakes every picture of the documentation.
 */
public final class Shots {
    /**
     * One picture.
     *
     * @param acts what is pressed before it is taken; "#label" brings the section of that name to the top
     */
    private record Shot(String file, String tool, String path, int width, int height, String theme, List<String> acts) {
        Shot(String file, String tool, String path, int width, int height, String theme, String... acts) {
            this(file, tool, path, width, height, theme, List.of(acts));
        }
    }

    private static final List<Shot> ALL = List.of(
            new Shot("board.png", "", "/", 1280, 800, "stone"),
            new Shot("rack.png", "", "/rack", 1280, 800, "stone"),
            new Shot("take-in.png", "single-bevel fish knife", "/take-in", 1280, 800, "stone"),
            new Shot("tool.png", "felling axe", "", 1280, 800, "stone"),
            new Shot("survey.png", "38 mm paring slick", "/survey", 1280, 800, "stone"),
            new Shot("angle.png", "18 mm skew chisel", "/angle", 1280, 800, "stone"),
            new Shot("repair.png", "vegetable cleaver", "/repair", 1280, 800, "stone"),
            new Shot("ticket.png", "", "/tickets", 1280, 800, "slate", "Ticket 1, tenants"),
            new Shot("day.png", "", "/day", 1280, 800, "stone", "Plan the day"),
            new Shot("plan.png", "24 mm bench chisel", "/plan", 1280, 800, "stone"),
            new Shot("bench.png", "24 mm bench chisel", "bench", 1280, 800, "stone"),
            new Shot("bench-phone.png", "24 mm bench chisel", "bench", 390, 844, "stone"),
            new Shot("test.png", "16 mm bench chisel", "/test", 1280, 800, "stone"),
            new Shot("log.png", "12 mm bench chisel", "/log", 1280, 800, "stone"),
            new Shot("upkeep.png", "20 mm bench chisel", "/upkeep", 1280, 800, "stone"),
            new Shot("kit.png", "", "/kit", 1280, 800, "stone"),
            new Shot("trial.png", "", "/trials", 1280, 800, "stone", "Does the strop help on our chisels?"),
            new Shot("machine.png", "orchard mower bar", "/machine", 1280, 800, "stone"),
            new Shot("reference.png", "", "/reference/support-bar", 1280, 800, "stone"));

    private Shots() {}

    public static void main(String[] arguments) {
        String base = arguments[0];
        if (arguments[1].equals("all")) {
            try (Browser browser = new Browser(base, 1280, 800)) {
                for (Shot shot : ALL) {
                    take(browser, shot, Path.of(arguments[2]));
                }
            }
            return;
        }
        String[] size = arguments[3].split("x");
        try (Browser browser = new Browser(base, Integer.parseInt(size[0]), Integer.parseInt(size[1]))) {
            browser.open("/");
            theme(browser, arguments.length > 4 ? arguments[4] : "stone");
            browser.open(arguments[1]);
            ready(browser);
            browser.picture(Path.of(arguments[2]));
        }
    }

    private static void take(Browser browser, Shot shot, Path directory) {
        browser.size(shot.width, shot.height);
        browser.open("/");
        theme(browser, shot.theme);
        String path = shot.path;
        if (!shot.tool.isEmpty()) {
            browser.onRack(shot.tool);
            Object id = browser.until(
                    "looking for the " + shot.tool,
                    d -> browser.script(
                            "return [...document.querySelectorAll('a')].filter(a => a.textContent === arguments[0])"
                                    + ".map(a => a.getAttribute('href'))[0]",
                            shot.tool));
            Object session = browser.script(
                    "return [...document.querySelectorAll('li')].filter(l => l.textContent.includes(arguments[0]))"
                            + ".map(l => l.querySelector(\"a[href^='/bench/']\")).filter(a => a)"
                            + ".map(a => a.getAttribute('href'))[0]",
                    shot.tool);
            path = shot.path.equals("bench") ? String.valueOf(session) : id + shot.path;
        }
        browser.open(path);
        ready(browser);
        if (shot.path.equals("bench") && browser.text().contains("Take it over here")) {
            browser.press("Take it over here").seeNoMore("Take it over here");
        }
        for (String act : shot.acts) {
            if (act.startsWith("#")) {
                browser.script(
                        "document.querySelector(`section[aria-label=\"${arguments[0]}\"]`).scrollIntoView()",
                        act.substring(1));
            } else {
                browser.press(act);
            }
            ready(browser);
        }
        browser.picture(directory.resolve(shot.file));
        System.out.println(directory.resolve(shot.file));
    }

    private static void theme(Browser browser, String theme) {
        browser.script("localStorage.setItem('truekeen.theme', arguments[0])", theme);
        browser.script("localStorage.setItem('truekeen.person', 'bench hand')");
    }

    /** The page has its heading, no question is under way, and the last answer has been drawn. */
    private static void ready(Browser browser) {
        browser.until("waiting for a heading", d -> browser.script("return !!document.querySelector('h1')"));
        browser.until(
                "waiting for answers",
                d -> browser.script("const now = performance.getEntriesByType('resource').length;"
                        + "if (document.body.innerText.includes('is drawn here as soon as')) return false;"
                        + "const same = window.seen === now; window.seen = now; return same"));
    }
}
