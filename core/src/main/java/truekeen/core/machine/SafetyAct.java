package truekeen.core.machine;

/**
 * One thing that is done before a hand goes near a blade.
 *
 * @param key its name, kept with the record
 * @param title the act, in the imperative
 * @param how how it is done, and how it is known to be done
 * @param why what happens without it
 */
public record SafetyAct(String key, String title, String how, String why) {}
