package truekeen.app.edgetest;

import truekeen.core.message.Wording;

/** What an edge test is told as, and what its figures are called. */
enum TestWords implements Wording {
    PART_UNREADABLE("part of it is an older record that cannot be read"),
    MEAN_AND_WORST("mean {mean} g, worst {worst} g at {place} mm"),
    OLDER_RECORD("An older record"),
    NO_TEST_YET("No test after it yet."),
    IT_WORKED("It worked."),
    IT_DID_NOT("It did not work."),
    INDEX_AND_WANTED(": index {index}, {wanted} wanted"),
    NOT_YET("Not yet"),
    NOT_TESTED("Not tested yet"),
    FORCE_READ("force at {stations} stations"),
    NOTHING_CUT("Nothing here speaks of a cut. What would: {tests}."),
    NOT_KEEN("Not keen yet"),
    UNREADABLE("an older record that cannot be read"),
    KEENNESS_INDEX("keenness index"),
    MEAN_READING("mean reading"),
    WANTED_AT_MOST("wanted at most"),
    READING_CHANGES("The reference: read a new utility blade on this tester now and then."),
    NUMBER_OF_SIGNS("A number of signs"),
    WHAT_WAS_SEEN("What was seen"),
    NUMBER_OF_READINGS("A number of readings"),
    A_NAME("A name");

    private final String words;

    TestWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
