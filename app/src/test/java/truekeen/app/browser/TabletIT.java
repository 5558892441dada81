package truekeen.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.OutputType;

/** A tablet comes to the bench by the code on the machine's screen, and is put out when it is stolen. */
class TabletIT {
    private static final String OWNERS = "whetstone by the river";
    private static final String HANDS = "grit between the fingers";

    @Test
    void theFirstTabletIsLetInByTheCodeAndAStolenOneIsPutOut() throws IOException, ReaderException {
        try (Service service = Service.demo();
                Browser owner = new Browser(service.url(), 1280, 800)) {
            owner.open("/tablets")
                    .see("No other device is let in yet")
                    .type("Passphrase of the owner", "short")
                    .press("Set it")
                    .see("A passphrase has 10 signs at least")
                    .type("Passphrase of the owner", OWNERS)
                    .press("Set it")
                    .see("On the tablet");
            owner.type("Passphrase of the hands", HANDS).press("Set it").see("Hands need none any more");
            assertThat(owner.accessibilityFaults()).isEmpty();
            String address = lookedAt(owner);
            assertThat(owner.text()).contains(address);
            try (Browser tablet = new Browser(address, 390, 844)) {
                tablet.open("/").see("Sign this device in");
                assertThat(tablet.text()).doesNotContain("20 mm bench chisel");
                assertThat(tablet.accessibilityFaults()).isEmpty();
                tablet.type("What this device is called", "tablet by the window");
                tablet.type("Passphrase", HANDS).press("Sign in").see("What now");
                worksAndIsPutOut(owner, tablet);
            }
            aThiefMustWait(address);
        }
    }

    /** Strokes that were made on it meanwhile are kept, and counted once it is signed in again. */
    private static void worksAndIsPutOut(Browser owner, Browser tablet) {
        tablet.press("Go on at the bench").press("Take it over here").seeNoMore("Take it over here");
        Bench bench = new Bench(tablet);
        int before = bench.count("BEVEL");
        // The stroke is made before the tablet can know that it is out.
        tablet.network(false).keys(" ");
        assertThat(bench.count("BEVEL")).isEqualTo(before + 1);
        owner.open("/tablets").press("Sign out tablet by the window").see("No other device is signed in");
        tablet.network(true);
        tablet.see("Sign this device in").type("Passphrase", HANDS).press("Sign in");
        tablet.seeNoMore("Sign this device in");
        bench.confirmed();
        assertThat(bench.count("BEVEL")).isEqualTo(before + 1);
        asAHandAndThenAsTheOwner(tablet);
        owner.open("/tablets").press("Sign out tablet by the window").see("No other device is signed in");
        tablet.open("/rack").see("Sign this device in");
    }

    /** What is the owner's is said to be so, and how to come to it. */
    private static void asAHandAndThenAsTheOwner(Browser tablet) {
        tablet.open("/shop").see("The owner has the backups");
        assertThat(tablet.text()).doesNotContain("Write a backup now");
        tablet.press("Tablets at the bench").see("tablet by the window, as a hand");
        assertThat(tablet.accessibilityFaults()).isEmpty();
        tablet.press("Sign this device out").see("Sign this device in");
        tablet.type("Passphrase", OWNERS)
                .press("Sign in")
                .see("tablet by the window, as the owner")
                .see("Signed in");
        tablet.open("/shop").see("Write a backup now");
    }

    private static void aThiefMustWait(String address) {
        try (Browser thief = new Browser(address, 390, 844)) {
            thief.open("/").see("Sign this device in");
            for (int i = 0; i < 5; i++) {
                thief.type("Passphrase", "opening sesame " + i)
                        .press("Sign in")
                        .see("That is not a passphrase of this shop")
                        .type("Passphrase", "");
            }
            thief.type("Passphrase", OWNERS).press("Sign in").see("Wait").see("before the next");
            thief.open("/rack").see("Sign this device in");
        }
    }

    /** What a camera reads off the screen. */
    private static String lookedAt(Browser browser) throws IOException, ReaderException {
        byte[] seen =
                browser.driver().findElement(By.cssSelector("[data-code]")).getScreenshotAs(OutputType.BYTES);
        BufferedImage picture = ImageIO.read(new ByteArrayInputStream(seen));
        int[] pixels = picture.getRGB(0, 0, picture.getWidth(), picture.getHeight(), null, 0, picture.getWidth());
        return new QRCodeReader()
                .decode(new BinaryBitmap(
                        new HybridBinarizer(new RGBLuminanceSource(picture.getWidth(), picture.getHeight(), pixels))))
                .getText();
    }
}
