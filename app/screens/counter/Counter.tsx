import { useHotkeys } from 'react-hotkeys-hook';
import { useCallback, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useSay } from '../../parts/Toasts';
import { startCook } from '../../store/cooks';
import { editDish, stepHistory } from '../../store/dishes';
import { NoDish } from '../../parts/NoDish';
import { reasonOf } from '../../store/writes';
import { useDish, useKitchen } from '../../store/live';
import { usePlan } from '../../store/plans';
import { Drawer } from '../../parts/Drawer';
import { DishBar, type Panel } from './DishBar';
import { DishRules } from './DishRules';
import type { EditDish } from './edit';
import { Findings } from './Findings';
import { HowItGoes } from './HowItGoes';
import { Lines } from './Lines';
import { Notes } from './Notes';
import { Plates } from './Plates';
import { Pots } from './Pots';
import { PotSection } from './PotSection';
import { Ribbon } from './Ribbon';
import { Share } from './Share';
import { StartAsked } from './StartAsked';
import { Trouble } from '../../parts/Trouble';
import { Versions } from './Versions';
import { useTitle } from '../../parts/title';

const PANEL_TITLES: Record<Panel, string> = {
  plates: 'Scale it',
  rules: 'House rules for this dish',
  script: 'How it goes',
  versions: 'Versions',
  notes: 'Tags, note and method',
  pots: 'In every pot of the house',
  share: 'Share it, or take it along',
  burn: 'It says it is burning',
  'no-pressure': 'It does not come to pressure',
};

/** One dish on the counter: what goes in when, the pot, the findings, the clock. All computed from the dish as it stands. */
export default function Counter() {
  const { dishId = '' } = useParams();
  const kitchen = useKitchen();
  const dish = useDish(dishId);
  const plan = usePlan(dish, kitchen);
  useTitle(dish?.name);
  const say = useSay();
  const navigate = useNavigate();
  const [panel, setPanel] = useState<Panel | null>(null);
  const [asksStart, setAsksStart] = useState(false);
  const isBegun = useRef(false);
  const [hot, setHot] = useState<readonly string[]>([]);

  const travel = useCallback(
    async (direction: 'undo' | 'redo') => {
      const label = await stepHistory(dishId, direction);
      say(
        label
          ? `${direction === 'undo' ? 'Taken back' : 'Done again'}: ${label}`
          : direction === 'undo'
            ? 'Nothing to take back.'
            : 'Nothing to do again.',
      );
    },
    [dishId, say],
  );
  useHotkeys('mod+z', (e) => (e.preventDefault(), void travel('undo')), { enableOnFormTags: false });
  useHotkeys('mod+shift+z, mod+y', (e) => (e.preventDefault(), void travel('redo')), {
    enableOnFormTags: false,
  });
  const edit = useCallback<EditDish>(
    (label, change, coalesce) => void editDish(dishId, label, change, coalesce),
    [dishId],
  );

  if (dish === null) return <NoDish />;
  if (!dish || !plan || !kitchen) return <p className="loading">Laying it out…</p>;

  const stops = plan.findings.filter((f) => f.severity === 'stop');
  const cook = async (overruled: readonly string[]): Promise<void> => {
    setAsksStart(false);
    // One begun is enough: until the pot is on the screen, a second tap means the same.
    if (isBegun.current) return;
    isBegun.current = true;
    try {
      void navigate(`/cook/${await startCook(plan, overruled)}`);
    } catch (error) {
      isBegun.current = false;
      say(`The cook could not be begun. ${reasonOf(error)}`, {
        label: 'Try again',
        run: () => void cook(overruled),
      });
    }
  };

  return (
    <div className="counter">
      <DishBar
        dish={dish}
        plan={plan}
        kitchen={kitchen}
        edit={edit}
        travel={travel}
        onCook={() => (stops.length ? setAsksStart(true) : void cook([]))}
        onPanel={setPanel}
      />
      <section className="counter-lines" aria-labelledby="lines-title">
        <h2 id="lines-title" className="zone-title">
          What goes in, and when
        </h2>
        <Lines dish={dish} plan={plan} kitchen={kitchen} edit={edit} hot={hot} onHot={setHot} />
      </section>
      <section className="counter-pot" aria-labelledby="pot-title">
        <h2 id="pot-title" className="zone-title">
          In the pot when the lid goes on
        </h2>
        <PotSection plan={plan} units={kitchen.units} hot={hot} onHot={setHot} edit={edit} />
      </section>
      <section className="counter-findings" aria-labelledby="findings-title">
        <h2 id="findings-title" className="zone-title">
          Before you close the lid
        </h2>
        <Findings plan={plan} edit={edit} onHot={setHot} onUndo={() => void travel('undo')} />
      </section>
      <Ribbon plan={plan} kitchen={kitchen} />
      <StartAsked
        stops={asksStart ? stops : []}
        onLeave={() => setAsksStart(false)}
        onCook={() => void cook(stops.map((f) => f.text))}
      />
      <Drawer title={panel ? PANEL_TITLES[panel] : ''} isOpen={panel !== null} onClose={() => setPanel(null)}>
        {panel === 'plates' && <Plates dish={dish} plan={plan} kitchen={kitchen} edit={edit} />}
        {panel === 'rules' && <DishRules dish={dish} plan={plan} kitchen={kitchen} edit={edit} />}
        {panel === 'script' && <HowItGoes dish={dish} plan={plan} edit={edit} />}
        {panel === 'versions' && <Versions dish={dish} edit={edit} />}
        {panel === 'share' && <Share plan={plan} />}
        {panel === 'pots' && <Pots dish={dish} kitchen={kitchen} edit={edit} />}
        {(panel === 'burn' || panel === 'no-pressure') && (
          <Trouble
            plan={plan}
            kind={panel}
            units={kitchen.units}
            onFix={(fix) => edit(fix.label, fix.apply)}
          />
        )}
        {panel === 'notes' && <Notes dish={dish} plan={plan} edit={edit} />}
      </Drawer>
    </div>
  );
}
