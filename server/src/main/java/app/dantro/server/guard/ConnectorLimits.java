package app.dantro.server.guard;

import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** The next piece of a body is waited for seconds, not for a minute that each byte begins anew. */
@Component
class ConnectorLimits implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private static final int BODY_WAIT_MILLIS = 4_000;

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        factory.addConnectorCustomizers(connector -> {
            connector.setProperty("disableUploadTimeout", "false");
            connector.setProperty("connectionUploadTimeout", Integer.toString(BODY_WAIT_MILLIS));
        });
    }
}
