package dev.steelyard.web.shop.nodes;

import dev.steelyard.web.base.page.Show;
import dev.steelyard.web.shop.Noticed;
import dev.steelyard.web.shop.Shops;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The nodes, for who keeps the shop; what is odd about them is said on Today. */
@Controller
class NodesController implements Noticed {

    private static final String PATH = "/shop/nodes";

    private final NodesTold nodes;
    private final Shops shops;

    NodesController(NodesTold nodes, Shops shops) {
        this.nodes = nodes;
        this.shops = shops;
    }

    /** A node as the page says it. */
    record Shown(
            String id,
            boolean own,
            String version,
            String revision,
            boolean behind,
            String since,
            String seen,
            boolean there,
            String storedAt,
            String clock,
            boolean odd) {}

    @GetMapping(PATH)
    String show(Model model) {
        long newest = shops.revision();
        String own = nodes.own();
        model.addAttribute(
                "nodes",
                nodes.all().stream()
                        .map(node -> new Shown(
                                node.id(),
                                node.id().equals(own),
                                node.version(),
                                Objects.toString(node.revision(), "none yet"),
                                node.isThere() && node.revision() != null && node.revision() < newest,
                                Show.moment(node.startedAt(), shops.current().zone()),
                                node.seenWords(),
                                node.isThere(),
                                node.storedAt(),
                                node.clockWords(),
                                node.isClockOdd()))
                        .toList());
        model.addAttribute("newest", newest);
        return "settings/nodes";
    }

    @Override
    public List<Notice> notices() {
        List<NodeSeen> there = nodes.all().stream().filter(NodeSeen::isThere).toList();
        List<Notice> notices = new ArrayList<>();
        TreeSet<String> versions = there.stream().map(NodeSeen::version).collect(Collectors.toCollection(TreeSet::new));
        if (versions.size() > 1) {
            notices.add(new Notice("Nodes of different versions run: " + String.join(" and ", versions), PATH, true));
        }
        there.stream()
                .filter(NodeSeen::isClockOdd)
                .forEach(node -> notices.add(
                        new Notice("The clock of the node " + node.id() + " is " + node.clockWords(), PATH, true)));
        return notices;
    }
}
