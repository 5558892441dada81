package truekeen.app.platform;

import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.InvalidNullException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;

/** Says in plain words why a body could not be read, and at which field; no library's words and no class names. */
final class UnreadableBody {
    private UnreadableBody() {}

    static Refusal why(Throwable fault) {
        for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
            if (cause instanceof BoundedBody.BodyRefused refused) {
                return refused.refusal();
            }
            if (cause instanceof UnrecognizedPropertyException unknown) {
                return refusal(path(unknown), "“" + unknown.getPropertyName() + "” is not known here");
            }
            if (cause instanceof InvalidNullException hole) {
                return refusal(path(hole), "nothing stands where something belongs");
            }
            if (cause instanceof InvalidFormatException wrong) {
                boolean nul = String.valueOf(wrong.getValue()).indexOf('\u0000') >= 0;
                return refusal(
                        path(wrong),
                        nul
                                ? "a text holds a NUL character, which cannot be kept"
                                : "“" + wrong.getValue() + "” is not what belongs there");
            }
            if (cause instanceof JsonParseException broken) {
                boolean twice = String.valueOf(broken.getOriginalMessage()).startsWith("Duplicate field");
                String place = broken.getLocation() == null
                        ? ""
                        : " at line " + broken.getLocation().getLineNr() + ", character "
                                + broken.getLocation().getColumnNr();
                return refusal("", (twice ? "a field stands there twice" : "it is no JSON") + place);
            }
            if (cause instanceof JsonMappingException wrong) {
                return refusal(path(wrong), "what stands there is not what belongs there");
            }
        }
        return refusal("", "there is nothing in it");
    }

    private static Refusal refusal(String field, String what) {
        return Refusal.of(MessageCode.BODY_UNREADABLE, field, "").with("what", what);
    }

    /** The field, as a form names it: {@code events[0].kind}. */
    private static String path(JsonMappingException wrong) {
        StringBuilder path = new StringBuilder();
        for (JsonMappingException.Reference step : wrong.getPath()) {
            if (step.getFieldName() == null) {
                path.append('[').append(step.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(step.getFieldName());
            }
        }
        return path.toString();
    }
}
