package truekeen.app.device;

import truekeen.core.message.Wording;

/** What an instrument's line is told as. */
enum DeviceWords implements Wording {
    SCREENS("screens that watch the instruments"),
    TAKEN("taken on the instrument"),
    MIDDLE_OF_LAST("middle of its last values");

    private final String words;

    DeviceWords(String words) {
        this.words = words;
    }

    @Override
    public String words() {
        return words;
    }
}
