package methodos.publish.document;

import java.util.List;
import java.util.stream.Stream;
import methodos.core.manual.Joint;
import methodos.core.manual.Part;
import methodos.core.manual.ThreadTurn;
import methodos.core.manual.TighteningWay;
import methodos.core.quantity.MeasureUnit;
import methodos.core.quantity.QuantityList;
import methodos.core.torque.TighteningTable;

/** The table of tightening values. */
final class TorqueTable {

    private final Publication publication;
    private final StepViews views;

    TorqueTable(Publication publication, StepViews views) {
        this.publication = publication;
        this.views = views;
    }

    public record TorqueRow(
            String item,
            String joint,
            String fasteners,
            String newtonMetres,
            String pounds,
            String stages,
            String order,
            String thread,
            String steps) {}

    /** Each joint that the units have, in the order of the steps. */
    List<TorqueRow> rows() {
        return TighteningTable.of(publication.seen().practised(), publication.sight()).stream()
                .map(this::torque)
                .toList();
    }

    private TorqueRow torque(TighteningTable.Row row) {
        var quantities = Stream.concat(row.entered().stream(), row.other().stream()).toList();
        String metric =
                quantities.stream()
                        .filter(q -> q.unit() == MeasureUnit.NEWTON_METRE)
                        .map(q -> q.digits())
                        .findFirst()
                        .orElseGet(() -> views.openTorque(row.joint().torque()));
        String pounds =
                quantities.stream()
                        .filter(q -> q.unit() != MeasureUnit.NEWTON_METRE)
                        .map(q -> q.print())
                        .findFirst()
                        .orElse("–");
        var joint = row.joint();
        if (!joint.told().equals(List.of(TighteningWay.WRENCH))) {
            metric = views.value(joint);
            pounds = "";
        } else if (!views.further(joint).isEmpty()) {
            metric += ", " + views.further(joint);
        }
        String fasteners =
                row.fastener()
                                .map(Part::label)
                                .map(l -> joint.count() * row.places() + " × " + l)
                                .orElse("–")
                        + (joint.propertyClass().isEmpty() ? "" : ", " + joint.propertyClass())
                        + (joint.newEachTime()
                                ? ", " + publication.words().of("tighten.newEachTime")
                                : "");
        return new TorqueRow(
                row.fastener().map(Part::item).orElse(""),
                joint.name(),
                fasteners,
                metric,
                pounds,
                joint.stages().isEmpty()
                        ? publication.words().of("torque.once")
                        : QuantityList.entered(joint.stages()),
                joint.order().isEmpty() ? "–" : joint.order(),
                thread(joint) + views.source(joint.torque()),
                DocumentModel.list(row.steps()));
    }

    private String thread(Joint joint) {
        String condition = joint.condition();
        if (joint.hand() == ThreadTurn.Hand.LEFT) {
            String left = publication.words().of("torque.leftHand");
            return condition.isEmpty() ? left : condition + ", " + left;
        }
        return condition.isEmpty() ? "–" : condition;
    }
}
