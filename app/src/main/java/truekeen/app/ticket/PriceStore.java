package truekeen.app.ticket;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import truekeen.app.store.StoredFormat;
import truekeen.core.condition.Finding;
import truekeen.core.ticket.Price;
import truekeen.core.ticket.PriceList;

/** How the price list is kept. */
final class PriceStore {
    /** Amounts in hundredths; kinds of damage by name, those not known any more are passed over. */
    record StoredPrices(String currency, Map<String, Long> tools, Map<String, Long> damage, long perMillimetre) {}

    static final StoredFormat<StoredPrices, PriceList> LIST = StoredFormat.of(
            "shop.prices", StoredPrices.class, PriceStore::read, PriceStore::written, StoredFormat::asItWas);

    private PriceStore() {}

    private static PriceList read(StoredPrices stored) {
        Map<String, Price> tools = new LinkedHashMap<>();
        stored.tools().forEach((tool, hundredths) -> tools.put(tool, new Price(hundredths)));
        Map<Finding.Kind, Price> damage = new EnumMap<>(Finding.Kind.class);
        for (Finding.Kind kind : Finding.Kind.values()) {
            Long hundredths = stored.damage().get(kind.name());
            if (hundredths != null) {
                damage.put(kind, new Price(hundredths));
            }
        }
        return new PriceList(stored.currency(), tools, damage, new Price(stored.perMillimetre()));
    }

    private static StoredPrices written(PriceList list) {
        Map<String, Long> tools = new LinkedHashMap<>();
        list.tools().forEach((tool, price) -> tools.put(tool, price.hundredths()));
        Map<String, Long> damage = new LinkedHashMap<>();
        list.damage().forEach((kind, price) -> damage.put(kind.name(), price.hundredths()));
        return new StoredPrices(
                list.currency(), tools, damage, list.perMillimetre().hundredths());
    }
}
