package {{package}}

import io.undertow.server.DefaultByteBufferPool
import io.undertow.websockets.jsr.WebSocketDeploymentInfo
import org.springframework.boot.web.embedded.undertow.UndertowDeploymentInfoCustomizer
import org.springframework.boot.web.embedded.undertow.UndertowServletWebServerFactory
import org.springframework.boot.web.server.WebServerFactoryCustomizer
import org.springframework.context.annotation.Bean
import org.springframework.context.annotation.Configuration

/** Gives the sockets of the server a pool of buffers; else it makes one and warns that it did. */
@Configuration(proxyBeanMethods = false)
class UndertowConfiguration {
    @Bean
    fun socketBuffers() =
        WebServerFactoryCustomizer<UndertowServletWebServerFactory> { server ->
            server.addDeploymentInfoCustomizers(
                UndertowDeploymentInfoCustomizer { deployment ->
                    deployment.addServletContextAttribute(
                        WebSocketDeploymentInfo.ATTRIBUTE_NAME,
                        WebSocketDeploymentInfo().setBuffers(DefaultByteBufferPool(false, BUFFER_BYTES)),
                    )
                },
            )
        }

    private companion object {
        const val BUFFER_BYTES = 8192
    }
}
