package truekeen.app.profile;

import truekeen.core.message.Wording;

/** What a comparison of two traces says. */
enum ProfileWords implements Wording {
    PHOTOGRAPHS("photographs of a tool"),
    TRACES("traces of a tool"),
    GREATEST_DIFFERENCE("greatest difference of shape"),
    ALONG_THE_EDGE("{along} mm along the edge"),
    WENT_EVENLY("went evenly"),
    EARLIER_TRACE("earlier trace"),
    LATER_TRACE("later trace"),
    TAKEN_AS_SAME("taken as the same shape"),
    SAME_UP_TO("up to {same} mm, workshop prior"),
    RESOLUTION("narrower than this shows less than it is"),
    COMPARISON_CHANGES("More points, the same marks, a camera square on to the blade."),
    EVENLY("{lost} mm went evenly. "),
    EVENLY_UNKNOWN("The traces were laid on each other by their ends: what went evenly cannot be told. "),
    SHAPE_KEPT("{even}The shape is kept."),
    MOST_WENT("{even}{changed}Most at {along} mm, where {worst} mm {way} went than elsewhere."),
    A_NAME("A name"),
    MARKS_APART("The distance of the marks"),
    MEGAPIXELS("{most} million pixels"),
    ENDS_EARLY("ends early");

    private final String words;

    ProfileWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
