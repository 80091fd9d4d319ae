import { createClient } from '@libsql/client';

/**
 * For tests: a data set of the same shape as the public one, with one invented maker, so that no
 * real one is named.
 */
export async function makeVinData(file: string): Promise<void> {
  const db = createClient({ url: `file:${file}` });
  for (const sql of [
    'create table Wmi (Id integer, Wmi text, VehicleTypeId integer)',
    'create table VehicleType (Id integer, Name text)',
    'create table Wmi_Make (WmiId integer, MakeId integer)',
    'create table Wmi_VinSchema (WmiId integer, VinSchemaId integer, YearFrom integer, YearTo integer)',
    'create table Pattern (VinSchemaId integer, Keys text, ElementId integer, AttributeId text)',
    'create table Make (Id integer, Name text)',
    'create table Model (Id integer, Name text)',
    'create table FuelType (Id integer, Name text)',
    "insert into Wmi values (1, '1Z8', 2), (2, '1Z7', 1)",
    "insert into VehicleType values (1, 'Motorcycle'), (2, 'Passenger Car')",
    'insert into Wmi_Make values (1, 7), (2, 7)',
    "insert into Make values (7, 'Corvane')",
    "insert into Model values (3, 'Tessa'), (4, 'Marlo')",
    "insert into FuelType values (1, 'Gasoline')",
    'insert into Wmi_VinSchema values (1, 10, 2010, 2018), (1, 11, 2019, null), (2, 12, 1980, 2005), (2, 12, 2010, null)',
    "insert into Pattern values (10, 'AB', 28, '3'), (10, '*', 28, '4'), (10, '**[1-3]', 13, '1.6'), (10, '**[1-3]', 9, '4'), (10, '*', 24, '1'), (11, '*', 28, '4'), (12, '*', 28, '4')",
  ])
    await db.execute(sql);
  db.close();
}
