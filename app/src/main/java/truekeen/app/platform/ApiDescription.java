package truekeen.app.platform;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import jakarta.annotation.Nullable;
import java.lang.annotation.Annotation;
import java.util.ArrayList;
import java.util.List;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI description: every component of a record is required, and only what is marked so may be null. */
@Configuration
class ApiDescription {
    @Bean
    OpenAPI description() {
        return new OpenAPI()
                // The address it is served from is no part of the description.
                .servers(List.of(new Server().url("/")))
                .info(new Info()
                        .title("True Keen")
                        .version("1")
                        .description("Survey, angle, plan, bench, test and log of edges. Lengths in mm, angles in"
                                + " degrees, grain in µm, force in N, readings in g, unless the name says otherwise."));
    }

    @Bean
    PropertyCustomizer nullables() {
        return (property, type) -> {
            Annotation[] marks = type.getCtxAnnotations();
            boolean nullable = false;
            for (Annotation mark : marks == null ? new Annotation[0] : marks) {
                nullable |= mark instanceof Nullable;
            }
            if (!nullable) {
                return property;
            }
            if (property.get$ref() != null) {
                Schema<?> wrapped = new ComposedSchema().addAllOfItem(new Schema<>().$ref(property.get$ref()));
                wrapped.setNullable(true);
                return wrapped;
            }
            property.setNullable(true);
            return property;
        };
    }

    @Bean
    OpenApiCustomizer everythingIsThere() {
        return api -> {
            for (Schema<?> schema : api.getComponents().getSchemas().values()) {
                if (schema.getProperties() != null) {
                    schema.setRequired(new ArrayList<>(schema.getProperties().keySet()));
                }
            }
        };
    }
}
