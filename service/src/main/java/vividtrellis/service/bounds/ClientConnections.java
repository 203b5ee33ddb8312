package vividtrellis.service.bounds;

import java.nio.channels.SocketChannel;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.NioEndpoint;
import org.apache.tomcat.util.net.SocketWrapperBase;

/**
 * Tomcat's own connector, but for this: a client holds so many connections, and when it opens more,
 * those of it that have waited longest for the rest of a request, or for another one, are closed.
 * The newest are always heard, so health answers a client that holds all it may. Made by Tomcat, by
 * its class name.
 */
public final class ClientConnections extends Http11NioProtocol {

  private final Endpoint endpoint;

  /** Without a bound yet. */
  public ClientConnections() {
    this(new Endpoint());
  }

  private ClientConnections(Endpoint endpoint) {
    super(endpoint);
    this.endpoint = endpoint;
  }

  /**
   * Sets the bound.
   *
   * @param most the most connections of one client
   * @param exempt addresses that speak for many
   */
  void bound(int most, Set<String> exempt) {
    endpoint.most = most;
    endpoint.exempt = exempt;
  }

  private static final class Endpoint extends NioEndpoint {

    private volatile int most = Integer.MAX_VALUE;
    private volatile Set<String> exempt = Set.of();

    /** Called for every connection that is accepted, by one thread. */
    @Override
    protected boolean setSocketOptions(SocketChannel socket) {
      boolean accepted = super.setSocketOptions(socket);
      SocketWrapperBase<?> newest = connections.get(socket);
      if (accepted && newest != null && connections.size() > most) {
        makeRoom(newest);
      }
      return accepted;
    }

    private void makeRoom(SocketWrapperBase<?> newest) {
      String client = newest.getRemoteAddr();
      if (client == null || exempt.contains(client)) {
        return;
      }
      List<NioSocketWrapper> others =
          connections.values().stream()
              .filter(each -> each != newest && client.equals(each.getRemoteAddr()))
              .map(NioSocketWrapper.class::cast)
              .sorted(Comparator.comparingLong(NioSocketWrapper::getLastRead))
              .toList();
      // The poller closes what waits past its time; what is being answered it leaves alone.
      others.stream()
          .limit(Math.max(0, others.size() + 1 - most))
          .forEach(each -> each.setReadTimeout(1));
    }
  }
}
