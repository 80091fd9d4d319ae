'use client';

import type { KnownVehicle } from '@/core/api';
import Link from '@/ui/link';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { odometerHere } from '@/core/region';
import { readBanks, readFiringOrder, readVin, vehicleName } from '@/core/vehicle';
import { VehicleOffers } from './vehicle-offers';
import { CustomerFields } from './customer';
import { VinLabel } from './vin-label';
import { VEHICLE_KINDS } from '@/core/case';
import { Button, Figure, Quiet, Tag } from '@/ui/controls';
import { age } from '@/ui/dates';
import { GradeMark } from '@/ui/marks';
import { useRegion } from '../../region';
import { Leaving } from '../../use-numbers';
import { ChoiceField, LineField, NumberField, Row, Sub, useField } from '../fields';
import { OfferButton } from '../guidance/offer';
import { useCase } from '../saving/store';

const Warn = styled.ul`
  margin: 4px 0 0 8px;
  font-size: 0.875rem;
  color: var(--unsure);
`;
const History = styled.ul`
  margin: 6px 0 0;
  padding: 8px 10px;
  background: var(--sunk);
  border-radius: var(--radius);
  font-size: 0.875rem;
  & li {
    display: flex;
    gap: 8px;
    flex-wrap: wrap;
    align-items: center;
    padding: 2px 0;
  }
`;

/** Vehicles of the shop that are, or may be, the one being described; asked for while it is typed. */
function useKnownVehicles(): KnownVehicle[] {
  const vehicle = useCase((s) => s.record.vehicle);
  const { customer, phone } = useCase((s) => s.record.case);
  const [known, setKnown] = useState<KnownVehicle[]>([]);
  const { vin } = readVin(vehicle.vin);
  const { plate, make, model, year } = vehicle;
  useEffect(() => {
    const stop = new AbortController();
    const wait = setTimeout(async () => {
      const named = make !== '' && model !== '' && (customer !== '' || phone !== '');
      if (vin.length < 5 && plate.length < 3 && !named) return setKnown([]);
      try {
        const { vehiclesLike } = await import('../saving/server');
        const said = { vin: vin, plate, make, model, year: String(year ?? ''), customer, phone };
        const query = new URLSearchParams({ ...said, except: vehicle.id });
        const { answer } = await vehiclesLike(query, stop.signal);
        if (answer) setKnown(answer.vehicles);
      } catch {
        // Recognising a vehicle is a help, not a need: without a connection the field works on.
      }
    }, 250);
    return () => {
      clearTimeout(wait);
      stop.abort();
    };
  }, [vin, vehicle.id, plate, make, model, year, customer, phone]);
  return known;
}

/** The vehicle: a VIN and what it says, or everything by hand; its history at once. */
export function VehicleFields({ autoFocus, onEnter }: { autoFocus: boolean; onEnter: () => void }) {
  const vehicle = useCase((s) => s.record.vehicle);
  const caseId = useCase((s) => s.record.case.id);
  const sameVehicle = useCase((s) => s.open.sameVehicle);
  const edit = useCase((s) => s.edit);
  const [more, setMore] = useState(false);
  const vin = readVin(vehicle.vin);
  const v = { kind: 'vehicle', id: vehicle.id } as const;
  return (
    <div>
      <Row $columns="1.7fr 1fr 1fr 0.6fr 1.1fr">
        <LineField
          {...v}
          field="vin"
          label="VIN"
          figure
          placeholder="type or paste"
          autoFocus={autoFocus}
          onEnter={onEnter}
        />
        <LineField {...v} field="make" label="Make" />
        <LineField {...v} field="model" label="Model" />
        <NumberField
          {...v}
          field="year"
          label="Year"
          placeholder={vin.byPosition7 || vin.years.length === 1 ? `${vin.years[0]}?` : ''}
        />
        <LineField {...v} field="engine" label="Engine" placeholder="1.6 petrol, code" />
      </Row>
      {vehicle.vin !== '' && (
        <VinSays vin={vin} onUse={(better) => edit('vehicle', vehicle.id, 'vin', better)} />
      )}
      {vehicle.vin === '' && <VinLabel onVin={(vin) => edit('vehicle', vehicle.id, 'vin', vin)} />}
      <VehicleOffers />
      <KnownHere />
      <Row $columns="1fr 1fr 1fr auto" $margin="4px 0 0">
        <ChoiceField {...v} field="kind" label="Kind" options={VEHICLE_KINDS} />
        <LineField {...v} field="plate" label="Plate" figure />
        <Odometer caseId={caseId} />
        <Button $kind="quiet" aria-expanded={more} onPress={() => setMore(!more)} $margin="18px 0 0">
          {more ? 'Less' : 'Engine layout …'}
        </Button>
      </Row>
      <CustomerFields caseId={caseId} />
      {more && <EngineLayout />}
      {sameVehicle.length > 0 && (
        <History aria-label="Earlier cases of this vehicle">
          <li>
            <strong>{vehicleName(vehicle)}</strong> <Quiet>was here before:</Quiet>
          </li>
          <CaseLines cases={sameVehicle} />
        </History>
      )}
    </div>
  );
}

/** The odometer; a bare number is finished with the unit that is usual in the shop's region. */
function Odometer({ caseId }: { caseId: string }) {
  const region = useRegion();
  const [value, edit] = useField('case', caseId, 'odometer');
  const leave = () => {
    const here = odometerHere(String(value ?? ''), region);
    if (here !== value) edit(here);
  };
  return (
    <Leaving onLeave={leave}>
      <LineField
        kind="case"
        id={caseId}
        field="odometer"
        label="Odometer"
        figure
        placeholder={`84,200 ${region?.distance ?? 'km or mi'}`}
      />
    </Leaving>
  );
}

/** What a VIN tells, and what is wrong with it. */
function VinSays({ vin, onUse }: { vin: ReturnType<typeof readVin>; onUse: (better: string) => void }) {
  const year = vin.byPosition7
    ? `model year ${vin.years[0]} (a heavy truck or motorcycle: or ${vin.years[1]})`
    : `model year ${vin.years.join(' or ')}`;
  const says = [
    vin.region && `maker’s region ${vin.region}`,
    vin.years.length > 0 && year,
    vin.checkDigit === 'right' && 'check digit right',
  ];
  return (
    <>
      {(vin.warnings.length > 0 || vin.suggestion !== undefined) && (
        <Warn role="status">
          {vin.warnings.map((w) => (
            <li key={w}>{w}</li>
          ))}
          {vin.suggestion && (
            <li>
              <OfferButton $kind="quiet" onPress={() => onUse(vin.suggestion!)}>
                Use {vin.suggestion}
              </OfferButton>
            </li>
          )}
        </Warn>
      )}
      {vin.ok && <Quiet $indent>{says.filter(Boolean).join(', ')}</Quiet>}
    </>
  );
}

const SURE: Record<KnownVehicle['sure'], { tone: 'pass' | 'accent' | 'unsure'; word: string }> = {
  certain: { tone: 'pass', word: 'surely' },
  likely: { tone: 'accent', word: 'likely' },
  perhaps: { tone: 'unsure', word: 'perhaps' },
};

/** Vehicles that have been here before, to be taken for this one in a press. */
function KnownHere() {
  const known = useKnownVehicles();
  const caseId = useCase((s) => s.record.case.id);
  const edit = useCase((s) => s.edit);
  const flush = useCase((s) => s.flush);
  const isThis = (id: string) => {
    edit('case', caseId, 'vehicleId', id);
    void flush();
  };
  return known.map((k) => (
    <History key={k.vehicle.id} aria-label="Vehicle known here">
      <li>
        <strong>{k.name}</strong> <Figure>{k.vehicle.plate || k.vehicle.vin}</Figure> has been here before.
        <Tag $tone={SURE[k.sure].tone}>
          {SURE[k.sure].word} the same: {k.because}
        </Tag>
        <OfferButton onPress={() => isThis(k.vehicle.id)}>It is this vehicle</OfferButton>
      </li>
      <CaseLines cases={k.cases} />
    </History>
  ));
}

/** Cylinders, firing order, banks, fuel and market, which only some jobs ask for. */
function EngineLayout() {
  const id = useCase((s) => s.record.vehicle.id);
  const v = { kind: 'vehicle', id } as const;
  return (
    <>
      <Sub>Engine layout and market</Sub>
      <Row $columns="0.6fr 1.2fr 0.7fr 1fr 0.6fr 1fr 0.8fr 0.8fr">
        <NumberField {...v} field="cylinders" label="Cylinders" />
        <LineField {...v} field="firingOrder" label="Firing order" figure placeholder="1-3-4-2" />
        <ChoiceField {...v} field="firing" label="Firing" options={['', 'even', 'odd']} empty="?" />
        <LineField {...v} field="displacement" label="Displacement" figure placeholder="1.6 L" />
        <NumberField {...v} field="strokes" label="Strokes" placeholder="4" />
        <LineField {...v} field="banks" label="Banks" placeholder="1: 1 2 3, 2: 4 5 6" />
        <LineField {...v} field="fuel" label="Fuel" />
        <LineField {...v} field="market" label="Market" />
      </Row>
      <LayoutSays />
    </>
  );
}

function CaseLines({ cases }: { cases: KnownVehicle['cases'] }) {
  return (
    <>
      {cases.map((c) => (
        <li key={c.id}>
          <Link href={`/cases/${c.number}`}>
            case <Figure>{c.number}</Figure>
          </Link>
          <Quiet>{age(c.openedAt)} ago</Quiet> {c.headline}{' '}
          {c.open ? <Tag $tone="accent">still open</Tag> : <GradeMark grade={c.grade} />}
        </li>
      ))}
    </>
  );
}

/** What the firing order and banks amount to, or why they cannot be. */
function LayoutSays() {
  const { firingOrder, firing, cylinders, strokes, banks } = useCase((s) => s.record.vehicle);
  const order = firingOrder.trim() === '' ? null : readFiringOrder(firingOrder, cylinders, strokes);
  const held = banks.trim() === '' ? null : readBanks(banks, cylinders);
  const wrong = [order, held].filter((x): x is string => typeof x === 'string');
  return (
    <>
      {order && typeof order !== 'string' && (
        <Quiet $indent>
          {firing === 'odd'
            ? 'Fires at unequal angles of the crank.'
            : `Fires every ${Math.round(order.interval ?? 0)}° of the crank${firing === 'even' ? '' : ', if it fires evenly'}.`}
        </Quiet>
      )}
      {wrong.length > 0 && (
        <Warn role="status">
          {wrong.map((w) => (
            <li key={w}>{w}</li>
          ))}
        </Warn>
      )}
    </>
  );
}
