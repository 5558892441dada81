package truekeen.core.ticket;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * What something costs, in the shop's own currency, counted in hundredths so that sums come out exactly.
 *
 * @param hundredths hundredths of the currency's unit; never below 0
 */
public record Price(long hundredths) implements Comparable<Price> {
    /** Nothing. */
    public static final Price NOTHING = new Price(0);

    private static final int PLACES = 2;

    /** Refuses what is below nothing. */
    public Price {
        if (hundredths < 0) {
            throw new IllegalArgumentException("a price is not below nothing: " + hundredths);
        }
    }

    /**
     * A price as it is typed, rounded half up to hundredths.
     *
     * @param amount in the currency's unit; 0 or more
     */
    public static Price of(double amount) {
        return new Price(BigDecimal.valueOf(amount)
                .movePointRight(PLACES)
                .setScale(0, RoundingMode.HALF_UP)
                .longValueExact());
    }

    /** Both together. */
    public Price plus(Price more) {
        return new Price(Math.addExact(hundredths, more.hundredths));
    }

    /** It so many times, rounded half up to hundredths. */
    public Price times(double number) {
        return new Price(BigDecimal.valueOf(hundredths)
                .multiply(BigDecimal.valueOf(number))
                .setScale(0, RoundingMode.HALF_UP)
                .longValueExact());
    }

    /** Whether it is nothing. */
    public boolean nothing() {
        return hundredths == 0;
    }

    /** The amount with both its decimals: "12.50". */
    public String amount() {
        return BigDecimal.valueOf(hundredths, PLACES).toPlainString();
    }

    @Override
    public int compareTo(Price other) {
        return Long.compare(hundredths, other.hundredths);
    }
}
