package truekeen.core.fault;

import java.util.List;
import java.util.Optional;
import truekeen.core.keenness.Stretch;
import truekeen.core.table.Prior;

/**
 * What is likely wrong with an edge, most likely first.
 *
 * @param told whether the first of them is sure enough to act on; false where nothing is wrong, or nobody can tell yet
 * @param words the whole of it in a sentence
 * @param findings what may be wrong
 * @param next the check that would tell most; empty where nothing is in doubt
 */
public record Diagnosis(boolean told, String words, List<Finding> findings, Optional<Telling> next) {

    /** How sure a finding is, in words. */
    public enum Sure {
        VERY_LIKELY(Prior.SURE_VERY_LIKELY.value(), "very likely"),
        LIKELY(Prior.SURE_LIKELY.value(), "likely"),
        POSSIBLE(Prior.SURE_POSSIBLE.value(), "possible"),
        UNLIKELY(0, "unlikely");

        private final double from;
        private final String words;

        Sure(double from, String words) {
            this.from = from;
            this.words = words;
        }

        static Sure of(double share) {
            for (Sure s : values()) {
                if (share >= s.from) {
                    return s;
                }
            }
            return UNLIKELY;
        }

        /** Least probability of it. */
        public double from() {
            return from;
        }

        /** It in words. */
        public String words() {
            return words;
        }
    }

    /**
     * One thing that may be wrong.
     *
     * @param fault its name in the table
     * @param title it in words
     * @param where the part of the edge it concerns
     * @param whole whether that is the whole edge
     * @param sure probability under the table's weights, 0 to 1: an estimate, never a measurement
     * @param how that in words
     * @param evidence what speaks for and against it, the strongest first
     * @param telling the check that would tell it from its nearest rival
     * @param remedies what mends it, the one to be tried first in front
     */
    public record Finding(
            String fault,
            String title,
            Stretch where,
            boolean whole,
            double sure,
            Sure how,
            List<Clue> evidence,
            Optional<Telling> telling,
            List<Remedy> remedies) {
        /** Keeps lists from changing. */
        public Finding {
            evidence = List.copyOf(evidence);
            remedies = List.copyOf(remedies);
        }
    }

    /**
     * One piece of evidence.
     *
     * @param words what was seen, and where
     * @param weight logarithm of its likelihood ratio; positive speaks for the fault
     */
    public record Clue(Sign sign, String words, double weight) {}

    /**
     * A check that would tell two faults apart.
     *
     * @param check the check to be made
     * @param words what each outcome would mean
     */
    public record Telling(EdgeCheck check, String words) {}

    /** Keeps the list from changing. */
    public Diagnosis {
        findings = List.copyOf(findings);
    }
}
