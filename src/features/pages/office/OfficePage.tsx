'use client'

import { officeTexts } from '@/core/shape/limits'
import { useLiveQuery } from 'dexie-react-hooks'
import Link from 'next/link'
import { useState } from 'react'
import { guideRef } from '@/core/guides/guide'
import type { Office } from '@/core/office'
import type { Front } from '@/store/cases'
import { keepSetting, setting } from '@/store/db'
import { editOffice, initialsOf, type SoundOffice } from '@/store/office'
import { Button, buttonClass } from '@/ui/Button'
import { ChoiceField } from '@/ui/ChoiceField'
import { SelectField } from '@/ui/SelectField'
import { TextField } from '@/ui/TextField'
import { useAskOnLeaving } from '@/ui/useAskOnLeaving'
import { textOf } from '@/wording/render'
import { BackupSection } from '../../shared/backup/BackupSection'
import { useGuides } from '../../case/useCase'
import { en as caseWords } from '../../case/messages'
import { ClimateField, FeedingField, MeasuresField } from '../../stations/ground/SettingFields'
import { ClosedTimes, OwnRegions, WaterStrips, YearLimits } from './RuleFields'
import { LogoField } from './LogoField'
import { SchoolFields } from './SchoolFields'
import { en } from './messages'
import { chooseContrast, contrastNow } from '../../shared/contrast'
import { useOffice } from '../../shared/office/useOffice'

/** Who the letters come from, what new cases begin with, and where the copies of everything are. */
export function OfficePage() {
  const stored = useOffice()
  if (!stored) return null
  return stored.unread ? <Unread /> : <Fields key={stored.id} stored={stored} />
}

/** Nothing is offered to be changed of what could not be read. */
function Unread() {
  return (
    <main className="mx-auto max-w-4xl px-5 pb-16 sm:px-8">
      <Head keeping="unreadable" />
      <p className="mb-4">{en.unread}</p>
      <Button kind="act" onClick={() => location.reload()}>
        {caseWords.again}
      </Button>
    </main>
  )
}

function Head({ keeping }: { keeping: Front['keeping'] }) {
  return (
    <header className="border-ink mb-4 flex items-end gap-4 border-b-[1.5px] pt-6 pb-3">
      <h1 className="flex-1 font-serif text-[27px] leading-none font-semibold">{en.title}</h1>
      <p role="status" className="text-ink-2 text-sm">
        {caseWords.keeping[keeping]}
      </p>
      <Link href="/" className={buttonClass('quiet')}>
        {en.desk}
      </Link>
    </header>
  )
}

function Fields({ stored }: { stored: SoundOffice }) {
  const guides = useGuides()
  const { damaged, unread: _unread, ...sound } = stored
  const [office, setOffice] = useState<Office>(sound)
  const [keeping, setKeeping] = useState<Front['keeping']>('kept')
  useAskOnLeaving(keeping !== 'kept')
  const edit = (change: Partial<Office>) => {
    setOffice({ ...office, ...change })
    setKeeping('saving')
    editOffice(change).then(
      () => setKeeping('kept'),
      () => setKeeping('refused'),
    )
  }
  const initials = initialsOf(office)
  return (
    <main className="mx-auto max-w-4xl px-5 pb-16 sm:px-8" data-entry>
      <Head keeping={keeping} />
      <p className="mb-4">{en.lead}</p>
      {damaged && (
        <p role="alert" className="border-clay text-clay mb-4 border-l-4 pl-3 font-semibold">
          {en.damaged}{' '}
          <a href="/rescue" className="underline">
            {caseWords.rescue}
          </a>
        </p>
      )}
      {keeping === 'refused' && (
        <div role="alert" className="border-clay mb-4 flex flex-wrap items-center gap-3 border-l-4 pl-3">
          <p className="text-clay min-w-0 flex-1 font-semibold">{en.refused}</p>
          <Button
            kind="act"
            onClick={() => void import('../../shared/backup/make').then((found) => found.saveWithOffice(office))}
          >
            {en.saveBackup}
          </Button>
          <Button onClick={() => edit({})}>{caseWords.tryAgain}</Button>
        </div>
      )}
      <div className="grid gap-x-5 gap-y-3 sm:grid-cols-2">
        <TextField label={en.name} most={officeTexts.name} value={office.name} onChange={(name) => edit({ name })} />
        <TextField
          label={en.region}
          most={officeTexts.region}
          value={office.region}
          placeholder={en.regionExample}
          onChange={(region) => edit({ region })}
        />
        <TextField
          wide
          long
          label={en.address}
          most={officeTexts.address}
          value={office.address}
          onChange={(address) => edit({ address })}
        />
        <TextField
          wide
          long
          label={en.disclaimer}
          most={officeTexts.disclaimer}
          value={office.disclaimer}
          onChange={(disclaimer) => edit({ disclaimer })}
        />
        <TextField
          label={en.people}
          most={officeTexts.people}
          value={office.people}
          placeholder={en.peopleExample}
          echo={initials.length > 0 ? en.signs(initials.join(' · ')) : undefined}
          onChange={(people) => edit({ people })}
        />
        <LogoField logo={stored.logo} />
        <DeviceField />
      </div>
      <h2 className="mt-6 mb-2 font-serif text-lg font-semibold">{en.defaults}</h2>
      <div className="grid gap-x-5 gap-y-3 sm:grid-cols-2">
        <MeasuresField value={office.measures} onChange={(measures) => edit({ measures })} />
        <ClimateField value={office.climate} onChange={(climate) => edit({ climate })} />
        <SelectField
          label={en.guide}
          value={office.guide}
          options={guides
            .filter(({ medium }) => medium === 'soil')
            .map((guide) => ({ value: guideRef(guide), label: `${textOf(guide.title)}, ${guide.version}` }))}
          onChange={(guide) => guide && edit({ guide })}
        />
        <FeedingField value={office.feeding} onChange={(feeding) => edit({ feeding })} />
      </div>
      <h2 className="mt-6 mb-1 font-serif text-lg font-semibold">{en.schools}</h2>
      <p className="text-ink-2 mb-2 text-[14.5px]">{en.schoolsLead}</p>
      <div className="grid gap-x-5 gap-y-3 sm:grid-cols-2">
        <SchoolFields
          guides={guides}
          chosen={office.schools}
          onChoose={(school, option) => edit({ schools: { ...office.schools, [school]: option } })}
        />
      </div>
      <ConventionFields office={office} onChange={edit} />
      <ClosedTimes times={office.closedTimes} onChange={(closedTimes) => edit({ closedTimes })} />
      <YearLimits limits={office.yearLimits} onChange={(yearLimits) => edit({ yearLimits })} />
      <WaterStrips strips={office.waterStrips} onChange={(waterStrips) => edit({ waterStrips })} />
      <OwnRegions regions={office.regions} onChange={(regions) => edit({ regions })} />
      <h2 className="mt-6 mb-1 font-serif text-lg font-semibold">{en.machine}</h2>
      <ContrastField />
      <BackupSection />
    </main>
  )
}

/** What is taken for granted of papers and files that leave it open. */
function ConventionFields({ office, onChange }: { office: Office; onChange: (change: Partial<Office>) => void }) {
  const orders = (['month-first', 'day-first'] as const).map((value) => ({ value, label: en.dateOrders[value] }))
  const decimals = (['ask', 'point', 'comma'] as const).map((value) => ({ value, label: en.decimals[value] }))
  return (
    <>
      <h2 className="mt-6 mb-2 font-serif text-lg font-semibold">{en.conventions}</h2>
      <div className="grid gap-x-5 gap-y-3 sm:grid-cols-2">
        <ChoiceField label={en.dates} value={office.dates} options={orders} onChange={(dates) => onChange({ dates })} />
        <ChoiceField
          label={en.decimal}
          value={office.decimal ?? 'ask'}
          options={decimals}
          onChange={(decimal) => onChange({ decimal: decimal === 'ask' ? null : decimal })}
        />
      </div>
    </>
  )
}

/** How strong the colours of this machine are. */
function ContrastField() {
  const contrast = useLiveQuery(
    () => setting('contrast').then((chosen) => chosen ?? contrastNow(), contrastNow),
    [],
    'usual',
  )
  return (
    <ChoiceField
      label={en.contrast}
      value={contrast}
      options={(['usual', 'more'] as const).map((value) => ({ value, label: en.contrasts[value] }))}
      onChange={chooseContrast}
    />
  )
}

/** The letter that codes made on this device carry. It stays on the device, and is in no backup. */
function DeviceField() {
  const letter = useLiveQuery(() => setting('device').catch(() => undefined))
  return (
    <TextField
      label={en.device}
      value={letter ?? ''}
      placeholder={en.deviceExample}
      echo={en.deviceEcho}
      onChange={(text) => {
        const next = text
          .replace(/[^a-z]/gi, '')
          .slice(-1)
          .toUpperCase()
        if (next) void keepSetting('device', next).catch(() => undefined)
      }}
    />
  )
}
