package truekeen.app.platform;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.servers.Server;
import jakarta.annotation.Nullable;
import java.lang.annotation.Annotation;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.OperationCustomizer;
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

    /** What may stand in a text of a form that names one of a choice. */
    @Bean
    PropertyCustomizer choices() {
        return (property, type) -> {
            Annotation[] marks = type.getCtxAnnotations();
            for (Annotation mark : marks == null ? new Annotation[0] : marks) {
                // Of a list it is asked twice, once for what stands in it.
                if (mark instanceof OneOf oneOf && property instanceof StringSchema text) {
                    among(oneOf).forEach(text::addEnumItem);
                }
            }
            return property;
        };
    }

    private static List<String> among(OneOf oneOf) {
        List<String> names = new ArrayList<>(oneOf.orNone() ? List.of("") : List.of());
        for (Enum<?> one : oneOf.value().getEnumConstants()) {
            names.add(one.name());
        }
        return names;
    }

    /** Every operation says how it may refuse. */
    @Bean
    OperationCustomizer problemAnswers() {
        return (operation, method) -> {
            for (Map.Entry<String, String> problem : PROBLEMS.entrySet()) {
                operation
                        .getResponses()
                        .addApiResponse(
                                problem.getKey(),
                                new ApiResponse()
                                        .description(problem.getValue())
                                        .content(new Content()
                                                .addMediaType(
                                                        "application/problem+json",
                                                        new MediaType()
                                                                .schema(new Schema<>()
                                                                        .$ref("#/components/schemas/Problem")))));
            }
            return operation;
        };
    }

    private static final Map<String, String> PROBLEMS = new TreeMap<>(Map.of(
            "400", "What was sent could not be read",
            "404", "There is no such thing",
            "409", "It does not fit where things stand",
            "413", "What was sent is too large",
            "422", "A field is wrong, each with its words and what is allowed",
            "503", "The store of records cannot be reached",
            "507", "The disk is full"));

    /** What can be wrong, as RFC 9457 has it, with the faults by field. */
    private static Schema<?> problem() {
        Schema<?> fault = new ObjectSchema()
                .addProperty("field", new StringSchema().description("name of the field, or empty"))
                .addProperty("code", new StringSchema().description("name of the message"))
                .addProperty("value", new StringSchema().description("what was given"))
                .addProperty("allowed", new StringSchema().description("what is allowed, or empty"))
                .addProperty("message", new StringSchema().description("it in words"));
        return new ObjectSchema()
                .description("A refusal (RFC 9457)")
                .addProperty("type", new StringSchema().format("uri"))
                .addProperty("title", new StringSchema())
                .addProperty("status", new IntegerSchema())
                .addProperty("detail", new StringSchema().description("the first fault in words"))
                .addProperty("errors", new ArraySchema().items(fault));
    }

    @Bean
    OpenApiCustomizer everythingIsThere() {
        return api -> {
            api.getComponents().addSchemas("Problem", problem());
            for (Schema<?> schema : api.getComponents().getSchemas().values()) {
                if (schema.getProperties() != null) {
                    schema.setRequired(new ArrayList<>(schema.getProperties().keySet()));
                }
            }
        };
    }
}
