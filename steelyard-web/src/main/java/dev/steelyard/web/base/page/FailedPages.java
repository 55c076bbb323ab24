package dev.steelyard.web.base.page;

import dev.steelyard.web.base.database.DatabaseAway;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.apache.catalina.connector.ClientAbortException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.mvc.support.DefaultHandlerExceptionResolver;

/** No failure ends in an empty page: where the database is away, words say so; anything else goes to the last errors. */
@Configuration(proxyBeanMethods = false)
class FailedPages implements WebMvcConfigurer {

    private static final Logger log = LoggerFactory.getLogger(FailedPages.class);
    /** The page that says it. */
    static final String AWAY = "page/away";

    static final String RETRY_AFTER_SECONDS = "5";

    @Override
    public void extendHandlerExceptionResolvers(List<HandlerExceptionResolver> resolvers) {
        resolvers.replaceAll(one -> one instanceof DefaultHandlerExceptionResolver ? new OnlyOurShoppersLeave() : one);
        resolvers.add(resolvers.size() - 1, FailedPages::away);
    }

    private static @Nullable ModelAndView away(
            HttpServletRequest request, HttpServletResponse response, @Nullable Object handler, Exception failed) {
        if (!DatabaseAway.isBehind(failed) || response.isCommitted()) {
            return null;
        }
        log.warn("{} {} failed: the database is away", request.getMethod(), request.getRequestURI(), failed);
        response.setHeader(HttpHeaders.RETRY_AFTER, RETRY_AFTER_SECONDS);
        ModelAndView page = new ModelAndView(AWAY);
        page.setStatus(HttpStatus.SERVICE_UNAVAILABLE);
        return page;
    }

    /**
     * The framework takes any end of a stream for a client that has left and answers it with nothing, which is an empty
     * page of status 200 where it was the stream of the database that ended. Only the server's own word for it counts.
     */
    private static final class OnlyOurShoppersLeave extends DefaultHandlerExceptionResolver {

        @Override
        protected @Nullable ModelAndView handleDisconnectedClientException(
                Exception failed, HttpServletRequest request, HttpServletResponse response, @Nullable Object handler) {
            return failed instanceof ClientAbortException ? new ModelAndView() : null;
        }
    }
}
