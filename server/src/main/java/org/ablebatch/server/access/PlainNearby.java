package org.ablebatch.server.access;

import jakarta.servlet.ServletException;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;

/**
 * On the machine itself three megabytes are handed over in less time than they are compressed in.
 * Whoever comes by another name comes over a network, and gets them compressed.
 */
final class PlainNearby extends ValveBase {
  PlainNearby() {
    super(true);
  }

  @Override
  public void invoke(Request request, Response response) throws IOException, ServletException {
    if (ServedNames.isThisMachine(request.getServerName())) {
      request.getCoyoteRequest().getMimeHeaders().removeHeader("Accept-Encoding");
    }
    getNext().invoke(request, response);
  }
}
