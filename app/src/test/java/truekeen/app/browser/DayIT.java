package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** A Saturday: nine tools, a few stones, one pair of hands, promises, and a rush job. */
class DayIT {
    @Test
    void aSaturdayIsPlannedWorkedAndPlannedAnewForARushJob() {
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/").press("Plan the day").see("What is to be done").see("Not ready to be planned yet");
            browser.type("What is promised for today is ready by", "noon").press("Plan the day");
            browser.see("“noon” is no time of day");
            assertThat(browser.typed("What is promised for today is ready by")).isEqualTo("noon");
            browser.type("What is promised for today is ready by", "12:00").press("Plan the day");
            browser.see("All done at about")
                    .see("one tool after the other it would be")
                    .see("No order could end before");
            browser.see("promised by 12:00");
            assertThat(browser.accessibilityFaults()).isEmpty();

            // From the day to the bench, a step there, and back: what is done is done.
            browser.unfold("The rest of the day")
                    .press("8 mm bench chisel")
                    .atPath(".*/bench$")
                    .press("Start at the bench");
            browser.atPath(".*/bench/[0-9a-f-]{36}$");
            Bench bench = new Bench(browser);
            bench.toFirstCount();
            bench.doStep();
            browser.see("Today's plan goes on with the");
            browser.open("/").see("Today's plan").open("/day").see("All done at about");

            // A rush job, and somebody who helps.
            browser.press("Change the plan").see("what is done stays done");
            browser.press("Sooner or slower: 26 mm bench chisel").type("Ready by", "9.45");
            browser.press("One more person").type("Name of person 2", "Ottilie").press("Plan the day");
            browser.see("Now, Ottilie").see("09:45");
            String ready = browser.text().substring(browser.text().indexOf("Ready when"));
            assertThat(ready.indexOf("26 mm bench chisel"))
                    .as("the rush job is ready before the others")
                    .isBetween(1, ready.indexOf("36 mm bench chisel"))
                    .isLessThan(ready.indexOf("utility knife"));

            // What is done first, whatever else; and what can be promised.
            browser.press("Change the plan")
                    .press("Sooner or slower: utility knife")
                    .choose("Place of the utility knife", "done before all others");
            browser.press("Plan the day").see("Change the plan");
            browser.until(
                    "it is in hand",
                    d -> browser.text().indexOf("utility knife")
                            < browser.text().indexOf("After that"));
            browser.unfold("What to promise, and a calendar").type("Sun", "600").press("Save the time at the bench");
            browser.see("the time at the bench as you said").see("Promised and due days as iCalendar");
            browser.unfold("Why in this order").see("Promises come first");
            assertThat(browser.accessibilityFaults()).isEmpty();
            browser.size(390, 844);
            browser.until(
                    "the page within the width of a phone",
                    d -> browser.script("return document.documentElement.scrollWidth <= innerWidth ? true : null"));
        }
    }

    /** Tools in the order in which they are ready, as the page says it. */
    private static String readyList(Browser browser) {
        return (String) browser.script("return document.querySelector('[aria-label=\"Ready when\"]')?.innerText ?? ''");
    }

    @Test
    void somebodyLeavesAStoneBreaksAndATicketIsWithdrawnInMidDay() {
        try (Service service = Service.demo();
                Browser browser = new Browser(service.url(), 1280, 800)) {
            browser.open("/day").see("What is to be done");
            browser.type("Name", "Anna").press("One more person").type("Name of person 2", "Ottilie");
            browser.press("Plan the day").see("Now, Ottilie");

            // The second of the list is wanted first: the rest is planned around that.
            String before = readyList(browser);
            browser.tap("[aria-label^='Ready before the ']");
            browser.until("the order is another", d -> !readyList(browser).equals(before));

            // Somebody leaves: the other does the rest.
            browser.press("Change the plan").press("Leaves").press("Plan the day");
            browser.seeNoMore("Now, Ottilie").see("All done at about");

            // A stone breaks: the plan says what it was wanted for, and the tool is planned anew.
            String stone = stoneInHand(browser);
            browser.open("/kit").press(stone).pick("out of use").press("Save the change");
            browser.open("/day").see("is gone.");
            assertThat(browser.accessibilityFaults()).isEmpty();

            // A ticket is withdrawn: its thing goes back, and wants no work here any more.
            browser.open("/tickets")
                    .press("Ticket 3, tenants")
                    .press("Something leaves")
                    .see("What leaves now");
            String name = (String)
                    browser.script(
                            "return document.querySelector('main input[type=checkbox]').closest('label').innerText.split(',')[0].trim()");
            browser.tap("main input[type=checkbox]").press("It leaves, some of it undone");
            browser.see("taken back before it was done");
            browser.open("/day").press("Change the plan").see("what is done stays done");
            assertThat((String) browser.script(
                            "return document.querySelector('[aria-label=\"What is to be done\"]').innerText"))
                    .doesNotContain(name);
        }
    }

    /** The stone that the first set-up is done on. */
    private static String stoneInHand(Browser browser) {
        String words = (String) browser.script("return document.querySelector('main').innerText");
        for (String stone : new String[] {"grey splasher", "cream finisher", "snow stone"}) {
            if (words.contains(stone)) {
                return stone;
            }
        }
        throw new AssertionError("no stone on the day: " + words);
    }
}
