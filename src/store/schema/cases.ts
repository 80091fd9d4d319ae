import { sql } from 'drizzle-orm';
import { index, integer, sqliteTable, text, uniqueIndex } from 'drizzle-orm/sqlite-core';
import { id, line, moment, position, revision, words } from './columns';

/** Vehicles, cases, and the rows of the complaint. Shapes: src/core/case/complaint.ts. */

export const vehicles = sqliteTable(
  'vehicles',
  {
    id: id(),
    revision: revision(),
    vin: line(),
    plate: line(),
    kind: line(),
    make: line(),
    model: line(),
    year: integer(),
    engine: line(),
    fuel: line(),
    market: line(),
    cylinders: integer(),
    firingOrder: line(),
    firing: line(),
    displacement: line(),
    strokes: integer(),
    banks: line(),
    note: line(),
  },
  (t) => [
    index('vehicles_vin').on(t.vin),
    index('vehicles_build').on(t.make, t.model, t.year),
    // For recognising one while it is typed. The generator of migrations parts an expression at its commas: this one
    // is mended by hand in migration 17.
    index('vehicles_plate').on(sql`lower(replace(replace(replace(${t.plate}, ' ', ''), '-', ''), '.', ''))`),
    index('vehicles_model').on(sql`lower(${t.make})`, sql`lower(${t.model})`),
  ],
);

export const cases = sqliteTable(
  'cases',
  {
    id: id(),
    revision: revision(),
    number: integer().notNull(),
    vehicleId: text()
      .notNull()
      .references(() => vehicles.id),
    openedAt: text().notNull(),
    closedAt: moment(),
    waitsFor: line(),
    waitNote: line(),
    waitsSince: moment(),
    leadId: text(),
    handId: text(),
    handNote: line(),
    customer: line(),
    phone: line(),
    promisedAt: moment(),
    spendingLimit: line(),
    orderNumber: line(),
    origin: line(),
    odometer: line(),
    said: line(),
    seen: line(),
    reproduced: line(),
    unexplained: line(),
    toCustomer: line(),
    lesson: line(),
    grade: line(),
    gradeWhy: line(),
    seq: integer().notNull().default(0),
  },
  (t) => [
    uniqueIndex('cases_number').on(t.number),
    index('cases_vehicle').on(t.vehicleId),
    index('cases_order').on(sql`lower(${t.orderNumber})`),
    // All that a look for letters anywhere in a name needs, so that it reads no case.
    index('cases_customer').on(t.customer, t.openedAt, t.id),
    index('cases_phone').on(t.phone, t.openedAt, t.id),
    index('cases_closed').on(t.closedAt),
    index('cases_seq').on(t.seq),
  ],
);

/** The columns every row of a case has, with its owner. */
export const owned = () => ({
  id: id(),
  caseId: text()
    .notNull()
    .references(() => cases.id, { onDelete: 'cascade' }),
  revision: revision(),
  position: position(),
});

export const symptoms = sqliteTable(
  'symptoms',
  {
    ...owned(),
    concept: line(),
    words: line(),
    conditions: words(),
    frequency: line(),
    lamps: words(),
    source: line(),
    reproduced: line(),
  },
  (t) => [index('symptoms_case').on(t.caseId), index('symptoms_concept').on(t.concept)],
);

export const earlierRepairs = sqliteTable(
  'earlier_repairs',
  {
    ...owned(),
    kind: line(),
    what: line(),
    part: line(),
    partSource: line(),
    by: line(),
    when: line(),
    changed: line(),
    price: line(),
  },
  (t) => [index('earlier_repairs_case').on(t.caseId)],
);
