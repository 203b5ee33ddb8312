package {{package}}

import io.undertow.server.DefaultByteBufferPool
import io.undertow.servlet.api.DeploymentInfo
import io.undertow.websockets.jsr.WebSocketDeploymentInfo
import org.springframework.boot.web.embedded.undertow.UndertowDeploymentInfoCustomizer
import org.springframework.boot.web.embedded.undertow.UndertowServletWebServerFactory
import org.springframework.boot.web.server.WebServerFactoryCustomizer
import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration

/** Gives the sockets of the server a pool of buffers; else it makes one and warns that it did. */
@Configuration(proxyBeanMethods = false)
class UndertowConfiguration {

    private static final int BUFFER_BYTES = 8192

    @Bean
    WebServerFactoryCustomizer<UndertowServletWebServerFactory> socketBuffers() {
        return { UndertowServletWebServerFactory server ->
            server.addDeploymentInfoCustomizers({ DeploymentInfo deployment ->
                deployment.addServletContextAttribute(
                        WebSocketDeploymentInfo.ATTRIBUTE_NAME,
                        new WebSocketDeploymentInfo().setBuffers(new DefaultByteBufferPool(false, BUFFER_BYTES)))
            } as UndertowDeploymentInfoCustomizer)
        } as WebServerFactoryCustomizer<UndertowServletWebServerFactory>
    }
}
