package dev.steelyard.bench;

import jakarta.servlet.http.HttpServlet;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import org.apache.catalina.Context;
import org.apache.catalina.startup.Tomcat;

/** The same server with nothing in it: a servlet that reads what is sent and answers an empty list. What else costs is ours. */
public final class BareServer {

    private BareServer() {}

    public static void main(String[] arguments) throws Exception {
        Tomcat tomcat = new Tomcat();
        tomcat.setBaseDir(Files.createTempDirectory("bare").toString());
        tomcat.setHostname("127.0.0.1");
        tomcat.setPort(Integer.parseInt(arguments[0]));
        tomcat.getConnector().setProperty("maxKeepAliveRequests", "10000"); // as the application has it
        Context context = tomcat.addContext("", null);
        Tomcat.addServlet(context, "bare", new HttpServlet() {
            private static final long serialVersionUID = 1L;

            @Override
            protected void service(HttpServletRequest request, HttpServletResponse response) throws IOException {
                request.getInputStream().readAllBytes();
                response.setContentType("application/json");
                response.setContentLength(2);
                response.getOutputStream().write(new byte[] {'[', ']'});
            }
        });
        context.addServletMappingDecoded("/*", "bare");
        tomcat.start();
        System.out.println("ready");
        tomcat.getServer().await();
    }
}
