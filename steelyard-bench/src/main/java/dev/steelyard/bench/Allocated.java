package dev.steelyard.bench;

import com.sun.management.ThreadMXBean;
import com.sun.tools.attach.VirtualMachine;
import java.lang.management.ManagementFactory;
import java.util.Arrays;
import javax.management.remote.JMXConnector;
import javax.management.remote.JMXConnectorFactory;
import javax.management.remote.JMXServiceURL;

/** How many bytes all threads of another Java process have allocated. */
final class Allocated implements AutoCloseable {

    private final JMXConnector connector;
    private final ThreadMXBean threads;

    Allocated(long pid) throws Exception {
        VirtualMachine machine = VirtualMachine.attach("" + pid);
        String address = machine.startLocalManagementAgent();
        machine.detach();
        connector = JMXConnectorFactory.connect(new JMXServiceURL(address));
        threads = ManagementFactory.newPlatformMXBeanProxy(
                connector.getMBeanServerConnection(), ManagementFactory.THREAD_MXBEAN_NAME, ThreadMXBean.class);
    }

    long bytes() {
        return Arrays.stream(threads.getThreadAllocatedBytes(threads.getAllThreadIds()))
                .filter(one -> one > 0)
                .sum();
    }

    @Override
    public void close() throws Exception {
        connector.close();
    }
}
