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
                    .pick("Do it first");
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
            assertThat(((Number)
                                    browser.script(
                                            "return document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                            .intValue())
                    .isZero();
        }
    }
}
