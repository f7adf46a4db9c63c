package barytone.server.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;

/** What the web server refuses by itself, such as an address that is none, is told as problem+json too. */
@Configuration(proxyBeanMethods = false)
class TomcatWords implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) host.setErrorReportValveClass(Valve.class.getName());
        });
    }

    /** Called by the web server by its name. */
    public static final class Valve extends ErrorReportValve {
        @Override
        protected void report(Request request, Response response, Throwable thrown) {
            int status = response.getStatus();
            if (status < HttpServletResponse.SC_BAD_REQUEST
                    || response.getContentWritten() > 0
                    || !response.setErrorReported()) return;
            HttpStatus known = HttpStatus.resolve(status);
            String detail = status < HttpServletResponse.SC_INTERNAL_SERVER_ERROR
                    ? "This request cannot be understood: its address or its headers are not well formed."
                    : "Barytone met an error of its own. Nothing that was confirmed is lost.";
            try {
                Problems.answer(response.getResponse(), known == null ? HttpStatus.BAD_REQUEST : known, detail);
                response.finishResponse();
            } catch (IOException gone) {
                // whoever asked has left
                response.setError();
            }
        }
    }
}
