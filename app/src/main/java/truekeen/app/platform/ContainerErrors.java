package truekeen.app.platform;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import truekeen.core.message.MessageCode;
import truekeen.core.message.Refusal;

/** What fails before or beside the addresses of the service answers in the same form as they do: no page of the container. */
@Component
class ContainerErrors implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(PlainReport.class.getName());
            }
        });
    }

    /** What the container itself refuses, such as an address with a character that belongs in none. */
    public static final class PlainReport extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable failure) {
            int status = response.getStatus();
            if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                response.setCharacterEncoding(StandardCharsets.UTF_8.name());
                response.getReporter()
                        .write("{\"type\":\"urn:truekeen:request_unreadable\",\"title\":\"Refused\",\"status\":"
                                + status + ",\"detail\":\"" + MessageCode.REQUEST_UNREADABLE.words()
                                + "\",\"errors\":[]}");
                response.finishResponse();
            } catch (IOException gone) {
                // Whoever asked is gone: there is nobody to say it to.
            }
        }
    }

    /** What a filter let fall, or no address took. */
    @Hidden
    @RestController
    static class Fallen implements ErrorController {
        @RequestMapping("/error")
        ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
            Object status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
            HttpStatus named = status instanceof Integer code ? HttpStatus.resolve(code) : null;
            // Without a status somebody asked for this address itself, and there is no such page.
            HttpStatus answer =
                    status == null ? HttpStatus.NOT_FOUND : named == null ? HttpStatus.INTERNAL_SERVER_ERROR : named;
            Refusal refusal = Refusal.of(
                    answer == HttpStatus.NOT_FOUND ? MessageCode.NO_SUCH_PAGE : MessageCode.REQUEST_UNREADABLE, "", "");
            return ResponseEntity.status(answer)
                    .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                    .body(Problems.body(answer, List.of(refusal)));
        }
    }
}
