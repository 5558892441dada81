package truekeen.core.reference;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** What people say at the bench for what the reference calls by its trade name, so that they find its page. */
public final class EverydayWords {
    private static final Map<String, List<String>> BESIDE = Map.ofEntries(
            Map.entry("burr", List.of("wire edge", "feather", "curl", "hook")),
            Map.entry("secondary", List.of("micro bevel", "microbevel", "honing angle")),
            Map.entry("projection", List.of("honing guide", "jig", "stick out", "set the guide")),
            Map.entry("camber", List.of("curved", "crown", "radius", "rounded corners")),
            Map.entry("hollow", List.of("concave", "dished", "dip")),
            Map.entry("strop", List.of("leather", "compound", "stropping")),
            Map.entry("grain", List.of("grit", "stone", "coarse", "fine", "paper")),
            Map.entry("scratch", List.of("grit", "polish", "mirror")),
            Map.entry("stroke", List.of("how many", "how long", "count")),
            Map.entry("keen", List.of("sharp", "sharpness", "how sharp", "test", "blunt", "dull")),
            Map.entry("dull", List.of("blunt", "wear", "how long does it last")),
            Map.entry("wheel", List.of("grinder", "grindstone", "bench grinder")),
            Map.entry("belt", List.of("sander", "linisher")),
            Map.entry("hot", List.of("burn", "burnt", "blue", "colour", "overheat")),
            Map.entry("heat", List.of("burn", "burnt", "blue", "colour", "overheat", "temper", "hot")),
            Map.entry("temper", List.of("burn", "burnt", "blue", "colour", "overheat")),
            Map.entry("balance", List.of("shake", "vibration", "wobble", "mower")),
            Map.entry("spine", List.of("back of a knife", "height over the stone", "freehand")),
            Map.entry("back", List.of("flattening", "lapping", "rust", "pitting")),
            Map.entry("chip", List.of("nick", "notch", "damage")),
            Map.entry("new edge", List.of("chip", "nick", "notch", "damage", "broken tip")),
            Map.entry("length", List.of("how much is left", "short")),
            Map.entry("clearance", List.of("plane", "bed", "pitch")),
            Map.entry("dished", List.of("flatten the stone", "worn stone", "hollow stone")),
            Map.entry("ink", List.of("felt pen", "marker")),
            Map.entry("square", List.of("crooked", "out of square", "skewed")),
            Map.entry("thin", List.of("thick behind the edge", "wedges", "thinning")),
            Map.entry("slurry", List.of("mud", "swarf")),
            Map.entry("teeth", List.of("hedge", "trimmer", "saw")));

    private EverydayWords() {}

    /** What else a page is looked for by, given the words that stand on it. */
    public static String beside(String words) {
        String said = words.toLowerCase(Locale.ROOT);
        return BESIDE.entrySet().stream()
                .filter(e -> said.contains(e.getKey()))
                .flatMap(e -> e.getValue().stream())
                .distinct()
                .sorted()
                .collect(Collectors.joining(" "));
    }
}
