package truekeen.app.units;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdScalarSerializer;
import java.io.IOException;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import truekeen.core.message.InWords;

/** Every text that leaves the service as JSON says what was computed in the units and decimals of its reader. */
@Configuration
class SentencesShown {
    /** The units are asked for at the first sentence: the writer of JSON is made before the database is there. */
    @Bean
    SimpleModule sentencesInPickedUnits(ObjectProvider<UnitsService> units) {
        return new SimpleModule("sentences").addSerializer(String.class, new Sentence(units));
    }

    private static final class Sentence extends StdScalarSerializer<String> {
        private static final long serialVersionUID = 1;

        private final transient ObjectProvider<UnitsService> units;

        Sentence(ObjectProvider<UnitsService> units) {
            super(String.class);
            this.units = units;
        }

        @Override
        public void serialize(String text, JsonGenerator out, SerializerProvider provider) throws IOException {
            boolean asItIs = text.indexOf(InWords.GAP) < 0 && text.indexOf(InWords.JOINER) < 0;
            out.writeString(asItIs ? text : units.getObject().said(text));
        }
    }
}
