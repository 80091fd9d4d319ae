'use client';

import type { VinAnswer } from '@/core/api';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { setFields, type RowOf } from '@/core/case';
import { readVin, vehicleName } from '@/core/vehicle';
import { Quiet } from '@/ui/controls';
import { OfferButton } from '../guidance/offer';
import { useCase } from '../saving/store';

type Says = Partial<RowOf<'vehicle'>>;

const Offer = styled.p`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  padding: 2px 8px;
  font-size: 0.875rem;
`;

/** What the VIN says of the vehicle, and the layout of an engine the shop knows; each put in with one press. */
export function VehicleOffers() {
  const vehicle = useCase((s) => s.record.vehicle);
  const together = useCase((s) => s.together);
  const [answer, setAnswer] = useState<VinAnswer | null>(null);
  const [again, setAgain] = useState(0);
  const { vin, ok } = readVin(vehicle.vin);
  const { id, make, engine } = vehicle;

  useEffect(() => {
    const stop = new AbortController();
    const wait = setTimeout(async () => {
      if (!ok && engine === '') return setAnswer(null);
      try {
        const query = new URLSearchParams({ vin: ok ? vin : '', except: id, make, engine });
        const { vinSays } = await import('../saving/server');
        const { answer: got } = await vinSays(query, stop.signal);
        if (!got) return;
        setAnswer(got);
        // The data set is unpacked on first use; look again when it may be there.
        if (got.unpacking) setTimeout(() => setAgain((n) => n + 1), 3000);
      } catch {
        // An offer is a help, not a need: without a connection everything can be typed.
      }
    }, 300);
    return () => {
      clearTimeout(wait);
      stop.abort();
    };
  }, [vin, ok, id, make, engine, again]);

  /** Only what is empty is filled: nobody's words are written over. */
  const missing = (says: Says | null) =>
    Object.entries(says ?? {}).filter(([field, value]) => {
      const now = vehicle[field as keyof Says];
      return value !== null && value !== undefined && value !== '' && (now === '' || now === null);
    });
  const fill = (says: Says | null) => {
    const ops = setFields('vehicle', vehicle, Object.fromEntries(missing(says)));
    if (ops.length) together(ops);
  };
  if (!answer) return null;
  const name = (says: Says) => vehicleName({ make: '', model: '', year: null, engine: '', ...says });
  const rest = (says: Says) =>
    [says.cylinders && `${says.cylinders} cylinders`, says.firingOrder, says.displacement]
      .filter(Boolean)
      .join(', ');
  return (
    <div role="status">
      {answer.past && missing(answer.past.says).length > 0 && (
        <Offer>
          As on {answer.past.cases} earlier case{answer.past.cases === 1 ? '' : 's'}:{' '}
          <strong>{name(answer.past.says)}</strong>
          <OfferButton onPress={() => fill(answer.past!.says)}>Fill in what is empty</OfferButton>
        </Offer>
      )}
      {answer.data && missing(answer.data).length > 0 && (
        <Offer>
          The VIN says: <strong>{name(answer.data)}</strong> <Quiet>{rest(answer.data)}</Quiet>
          <OfferButton onPress={() => fill(answer.data)}>Fill in what is empty</OfferButton>
        </Offer>
      )}
      {answer.layout && missing(answer.layout).length > 0 && (
        <Offer>
          The shop knows this engine: <Quiet>{rest(answer.layout)}</Quiet>
          <OfferButton onPress={() => fill(answer.layout)}>Use its layout</OfferButton>
        </Offer>
      )}
    </div>
  );
}
