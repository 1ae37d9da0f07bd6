package app.dantro.server.guard;

import app.dantro.server.problem.ProblemWriter;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** What the container refuses by itself, before any page or door is reached, is said as every other refusal is. */
@Component
class ContainerRefusals implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final ProblemWriter problems;

    ContainerRefusals(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(
                context -> context.getParent().getPipeline().addValve(new AsProblem(problems)));
    }

    private static final class AsProblem extends ErrorReportValve {
        private final ProblemWriter problems;

        AsProblem(ProblemWriter problems) {
            this.problems = problems;
        }

        @Override
        protected void report(Request request, Response response, Throwable thrown) {
            HttpStatus status = HttpStatus.resolve(response.getStatus());
            boolean refused = status != null && status.isError();
            if (!refused || response.getContentWritten() > 0 || !response.setErrorReported()) {
                return;
            }
            try {
                PageHeaders.put(request.getDecodedRequestURI(), response);
                problems.write(
                        response,
                        status,
                        "not-understood",
                        "The request could not be read: look at its address and its headers.");
                response.finishResponse();
            } catch (IOException gone) {
                throw new UncheckedIOException(gone);
            }
        }
    }
}
