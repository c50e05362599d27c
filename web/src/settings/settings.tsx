import { useQuery } from '@tanstack/react-query';
import { planQuery, shelfQuery, yardQuery } from '../queries/queries';
import { useMay } from '../parts/session';
import { Loading, Trouble } from '../parts/states';
import { AddInstrument, AddLot, AddProduct } from './shelf-forms';
import { PeopleSection } from '../people/people-section';
import { NeedForm } from './need-form';
import { AddLine } from './add-line';
import { CrewSection } from './crew-section';
import { WeatherSection } from './weather-section';

/** How do we work here? */
export function Settings() {
  const may = useMay();
  const yard = useQuery(yardQuery);
  const shelf = useQuery(shelfQuery);
  const { data: plan } = useQuery(planQuery);
  if (yard.isPending || shelf.isPending) return <Loading what="the settings" />;
  if (yard.error || shelf.error) {
    const again = () => void Promise.all([yard.refetch(), shelf.refetch()]);
    return <Trouble error={yard.error ?? shelf.error} again={again} />;
  }
  if (!may.runYard) {
    return <p className="p-8">Only the coordinator changes how the yard works.</p>;
  }
  return (
    <main className="flex-1 gap-x-10 px-5 py-5 md:columns-2 xl:columns-3">
      <h1 className="sr-only">Settings</h1>
      <NeedForm key={yard.data.version} yard={yard.data} />
      <WeatherSection />
      <CrewSection />
      <PeopleSection />
      <AddLot shelf={shelf.data} />
      <AddProduct shelf={shelf.data} />
      <AddInstrument shelf={shelf.data} />
      {plan && <AddLine plan={plan} />}
    </main>
  );
}
