package truekeen.app.platform;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.deser.std.StringDeserializer;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.module.SimpleModule;
import java.io.IOException;
import org.springframework.boot.autoconfigure.jackson.Jackson2ObjectMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * What JSON is taken: the database can hold every character but NUL, so that one is refused here; a key that stands twice
 * in an object and nothing where a list has an element are refused too, since no reading of them is meant.
 */
@Configuration
class JsonReading {
    @Bean
    SimpleModule textsWithoutNul() {
        return new SimpleModule("texts").addDeserializer(String.class, new WithoutNul());
    }

    @Bean
    Jackson2ObjectMapperBuilderCustomizer noDoubleKeysAndNoHoles() {
        return builder -> builder.postConfigurer(mapper -> {
            mapper.getFactory().enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION.mappedFeature());
            mapper.setDefaultSetterInfo(JsonSetter.Value.forContentNulls(Nulls.FAIL));
        });
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
