import Button from 'react-bootstrap/Button';
import { brokenBy, formatMass, type DisplayUnits, type Layer, type Plan } from '../../../core/index';
import { movedBy } from './layerOrder';

/** One layer of the pot looked at closely: what is in it, why it lies there, and what moving it costs. */
export function LayerCard({
  layer,
  plan,
  units,
  onMove,
  onComputed,
  onClose,
}: {
  layer: Layer;
  plan: Plan;
  units: DisplayUnits;
  onMove: (layerId: string, by: 1 | -1) => void;
  onComputed: () => void;
  onClose: () => void;
}) {
  const items = plan.items.filter((i) => layer.lineIds.includes(i.lineId));
  const order = plan.fill.layers.filter((l) => l.isMovable).map((l) => l.id);
  const costOf = (by: 1 | -1): string => {
    const now = new Set(brokenBy(order).map((c) => c.cost));
    const next = movedBy(order, layer.id, by);
    return next
      ? [...new Set(brokenBy(next).map((c) => c.cost))].filter((c) => !now.has(c)).join(' ') ||
          'costs nothing'
      : '';
  };
  const isOwnOrder = plan.dish.settings.layers.length > 0;
  return (
    <div className="layer-card" role="group" aria-label={`Layer: ${layer.label}`}>
      <div className="layer-head">
        <h3>
          {layer.label}{' '}
          <span className="soft small">
            {Math.round(layer.topMm - layer.bottomMm)} mm, from {Math.round(layer.bottomMm)} mm above the
            floor
          </span>
        </h3>
        <Button size="sm" variant="bare" onClick={onClose}>
          Close
        </Button>
      </div>
      <p className="small mb-1">
        {items.map((i) => `${formatMass(i.massG.mid, units)} ${i.read.known || i.read.foodText}`).join(', ')}
      </p>
      <p className="small mb-1">
        {layer.why} {layer.cost && <strong className="severity-careful">{layer.cost}</strong>}
      </p>
      {layer.isMovable && order.length > 1 && (
        <div className="layer-moves no-print">
          {([1, -1] as const).map((by) => (
            <span key={by}>
              <Button size="sm" variant="quiet" disabled={!costOf(by)} onClick={() => onMove(layer.id, by)}>
                {by === 1 ? 'Higher' : 'Lower'}
              </Button>
              <span className="soft small">{costOf(by)}</span>
            </span>
          ))}
          {isOwnOrder && (
            <Button size="sm" variant="bare" onClick={onComputed}>
              Back to the computed order
            </Button>
          )}
        </div>
      )}
    </div>
  );
}
