package {{package}}.{{web}}

import org.springframework.beans.factory.ObjectProvider
import org.springframework.context.annotation.Configuration
import org.springframework.core.task.AsyncTaskExecutor
import org.springframework.web.reactive.config.BlockingExecutionConfigurer
import org.springframework.web.reactive.config.WebFluxConfigurer

/** What answers with plain values may have to wait for them; it does so on threads of its own. */
@Configuration(proxyBeanMethods = false)
class BlockingCallsConfiguration(
    private val threads: ObjectProvider<AsyncTaskExecutor>,
) : WebFluxConfigurer {
    override fun configureBlockingExecution(waiting: BlockingExecutionConfigurer) {
        threads.ifUnique { waiting.setExecutor(it) }
    }
}
