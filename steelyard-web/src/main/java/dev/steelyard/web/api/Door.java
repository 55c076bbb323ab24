package dev.steelyard.web.api;

import java.io.IOException;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SocketWrapperBase;

/**
 * Tomcat's HTTP door, which can also tell whether whoever sent a request is still there: what Servlet has no word for.
 * Named in {@link DoorSetting}.
 */
public final class Door extends Http11NioProtocol {

    /**
     * Whether the other end of a connection has closed it. Only for the thread that answers the connection's request.
     *
     * @param remotePort the other end's
     */
    boolean isGone(int remotePort) {
        for (SocketWrapperBase<?> connection : getEndpoint().getConnections()) {
            if (connection.getRemotePort() == remotePort) {
                return isClosed(connection);
            }
        }
        return true;
    }

    private static boolean isClosed(SocketWrapperBase<?> connection) {
        try {
            connection.isReadyForRead(); // reads what has come, without waiting; the end of all is an exception
            return connection.isClosed();
        } catch (IOException ended) {
            return true;
        }
    }
}
