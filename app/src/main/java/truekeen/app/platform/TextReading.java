package truekeen.app.platform;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.deser.std.StringDeserializer;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.io.IOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Texts as they come in: the database can hold every character but NUL, so that one is refused at the door. */
@Configuration
class TextReading {
    @Bean
    SimpleModule textsWithoutNul() {
        return new SimpleModule("texts").addDeserializer(String.class, new WithoutNul());
    }

    private static final class WithoutNul extends StringDeserializer {
        private static final long serialVersionUID = 1;

        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) throws IOException {
            String text = super.deserialize(parser, context);
            if (text != null && text.indexOf('\u0000') >= 0) {
                throw InvalidFormatException.from(
                        parser, "a text holds a NUL character, which cannot be kept", text, String.class);
            }
            return text;
        }
    }
}
