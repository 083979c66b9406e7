'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { useForm, useWatch, type FieldPath } from 'react-hook-form';
import { nameOfInside } from '@/core/compose/cake-called';
import { largeEnough } from '@/core/compose/edits/large-enough';
import { withFormulaEverywhere } from '@/core/compose/edits/parts';
import { openUntil } from '@/core/compose/edits/undecided';
import { insteadOf } from '@/core/compose/instead';
import { formsOf } from '@/core/design/forms-of';
import type { Allergen } from '@/core/formula/formula';
import { MOST_LETTERS, orderForm, type OrderForm } from '@/core/input/order-input';
import { agreeBy } from '@/core/order/agree-by';
import { say } from '@/core/words/say';
import type { ComposerView } from '@/server/orders/composer';
import { changeOrderAction, takeOrderAction } from '../actions';
import { useInKitchen } from '../kitchens/in-kitchen';
import { KitchenLink } from '../kitchens/kitchen-link';
import { AnswerFoot } from './answer-foot';
import { askedWith } from './asked-with';
import { Begin } from './begin';
import { CakeHead, CakePane } from './cake-pane';
import { Clashes } from './clashes';
import './compose.css';
import { LeftDraft } from './left-draft';
import { LeftOut } from './left-out';
import { Note } from '../parts/note';
import { OrderFields } from './order-fields';
import { SaveAsBuild } from './save-as-build';
import { Touched } from './touched';
import { useAnswer } from './use-answer';
import { useBegin } from './use-begin';
import { useComposed } from './use-composed';
import { useKeptDraft } from './use-kept-draft';
import { WholeCake } from './whole-cake';

const LOST = say`The server did not answer. What you composed is still here: try again.`;

const TOO_MANY = say`No set of the kitchen’s tins makes this cake so large. Take the order for fewer, and another cake with it.`;

/** An order composed on its own cake, cut open: who and when on the left, what is touched on the right, the answer below. */
export function Composer({ view }: { view: ComposerView }) {
  const { id, version, title, document: stored } = view;
  const router = useRouter();
  const within = useInKitchen();
  const [opened] = useState(version);
  const [older] = useState(view.older);
  const [problem, setProblem] = useState<string | null>(null);
  /** The name that the order got because it had none. */
  const [named, setNamed] = useState<string | null>(null);
  /** The build that the cake was kept as. */
  const [kept, setKept] = useState<string | null>(null);
  /** Another cake is looked for; and whether there is one already to go back to. */
  const [beginning, setBeginning] = useState(view.isOpen);
  const [hasCake, setHasCake] = useState(!view.isOpen);
  const { control, handleSubmit, setError, setValue, reset, formState } = useForm<OrderForm>({
    resolver: yupResolver(orderForm),
    defaultValues: view.values,
    mode: 'onTouched',
  });
  const values = useWatch({ control }) as OrderForm;
  const composed = useComposed(
    view.design,
    {
      ...{
        inscription: values.inscription,
        without: values.without,
        choices: values.choices,
        overrides: values.byHand ?? {},
      },
    },
    older,
  );
  const { design, cake, change, beginAnew, isChanged, kitchen, reckoned, place, choose } = composed;
  const until = agreeBy(values.pickup, view.earliest);
  const form = useMemo(
    () => ({
      ...values,
      swaps: {},
      size: JSON.stringify(formsOf(design)),
      design: JSON.stringify({ ...design, ...stored }),
    }),
    [values, design, stored],
  );
  const asked = askedWith(form);
  const answered = useAnswer(id, beginning || reckoned.problems.length > 0 ? null : asked.form, cake);
  const { left, forget, takeUp } = useKeptDraft(
    `zl-composed ${within('/orders')} ${id ?? 'new'} ${opened}`,
    { values, design },
    isChanged || formState.isDirty,
  );

  const begun = useBegin((by) => {
    if (!by) {
      setProblem(LOST);
      return;
    }
    setProblem(null);
    choose(null);
    setBeginning(false);
    setHasCake(true);
    for (const [name, value] of Object.entries(by.values))
      setValue(name as FieldPath<OrderForm>, value as never, { shouldDirty: true });
    beginAnew(openUntil(by.design, until));
  });

  const save = async (more: boolean) => {
    setProblem(null);
    setNamed(null);
    if (!values.title.trim()) {
      // It is asked for with an answer: the next tap takes it.
      const after = nameOfInside(design).slice(0, MOST_LETTERS);
      if (after) {
        setValue('title', after, { shouldDirty: true, shouldValidate: true });
        setNamed(after);
        return;
      }
    }
    await handleSubmit(async (typed) => {
      const whole = { ...typed, swaps: {}, size: form.size, design: form.design };
      try {
        const result = id === null ? await takeOrderAction(whole) : await changeOrderAction(id, opened, whole);
        if (result.ok) {
          forget();
          const next = `/orders/new?with=${whole.together ?? result.id}&after=${result.id}`;
          router.push(within(more ? next : `/orders/${result.id}`));
          return;
        }
        setProblem([result.message, result.fields?.design].filter(Boolean).join(' '));
        for (const [name, message] of Object.entries(result.fields ?? {}))
          setError(name.split('.')[0] as FieldPath<OrderForm>, { type: 'server', message });
      } catch {
        setProblem(LOST);
      }
    })();
  };

  return (
    <Box component="main" id="main" className={beginning ? 'zl-compose zl-compose-begins' : 'zl-compose'}>
      <Box
        component="form"
        className="zl-compose-order"
        noValidate
        onSubmit={(e) => {
          e.preventDefault();
          void save(false);
        }}
      >
        <Box component="h1" sx={{ typography: 'h1', m: 0, mb: 1.5, overflowWrap: 'anywhere' }}>
          {id === null ? values.title || say`A new cake` : say`Change ${title}`}
        </Box>
        {problem && (
          <Alert severity="error" sx={{ mb: 2 }}>
            {problem}
          </Alert>
        )}
        {named !== null && named === values.title && (
          <Note>
            <span role="status">{say`It is called “${named}”, after what is in it. Take it so, or give it another name.`}</span>
          </Note>
        )}
        <OrderFields
          view={view}
          control={control}
          design={design}
          sums={reckoned.sums}
          kitchen={kitchen}
          change={change}
          onBeginAnew={beginning ? null : () => setBeginning(true)}
        />
      </Box>

      <Box component="section" className="zl-compose-cake" aria-label={say`The cake`}>
        <Box sx={{ display: 'flex', alignItems: 'center', gap: 1, flexWrap: 'wrap' }}>
          {beginning ? (
            <Box sx={{ flex: '1 1 200px' }} />
          ) : (
            <>
              <CakeHead composed={composed} />
              {kitchen && (
                <SaveAsBuild
                  design={design}
                  document={form.design}
                  moulds={kitchen.moulds}
                  onSaved={(build) => {
                    setKept(build);
                    router.refresh();
                  }}
                />
              )}
            </>
          )}
          <Button
            color="secondary"
            size="small"
            component={KitchenLink}
            href={id === null ? '/orders' : `/orders/${id}`}
          >{say`Cancel`}</Button>
        </Box>
        <LeftDraft
          name={left && (left.values.title || say`A new cake`)}
          onTakeUp={() => {
            reset(left!.values, { keepDefaultValues: true });
            beginAnew(left!.design);
            setBeginning(false);
            setHasCake(true);
            takeUp();
          }}
          onForget={forget}
        />
        {kept && (
          <Alert
            severity="success"
            onClose={() => setKept(null)}
            action={
              <Button color="inherit" size="small" component={KitchenLink} href={`/builds/${kept}`}>
                {say`Say what may vary`}
              </Button>
            }
          >
            {say`Kept as a build: other orders can begin from it.`}
          </Alert>
        )}
        {reckoned.failed && <Alert severity="error">{reckoned.failed}</Alert>}
        {beginning ? (
          <Begin
            portions={`${values.portions}`}
            onPortions={(n) => setValue('portions', n as never, { shouldDirty: true })}
            avoid={values.avoid}
            onBegin={(offer) => begun.from(offer, Number(values.portions) || 12)}
            onCopy={begun.copy}
            onBack={hasCake ? () => setBeginning(false) : null}
          />
        ) : (
          <>
            <CakePane
              composed={composed}
              avoid={values.avoid as Allergen[]}
              agreeBy={until}
              cost={answered.answer?.cost ?? null}
            />
            <LeftOut
              design={design}
              without={values.without}
              onTakeIn={(role) =>
                setValue(
                  'without',
                  values.without.filter((r) => r !== role),
                  { shouldDirty: true },
                )
              }
            />
          </>
        )}
      </Box>

      <Box component="section" className="zl-compose-touched" aria-label={say`What is touched`}>
        {kitchen && (
          <Clashes
            found={insteadOf(design, kitchen, values.avoid as Allergen[])}
            onTake={(role, by) => change((d) => withFormulaEverywhere(d, role, kitchen.formulas.get(by)!))}
          />
        )}
        {beginning || !reckoned.sums || !kitchen ? null : place ? (
          <Touched
            place={place}
            design={design}
            sums={reckoned.sums}
            problems={reckoned.problems}
            kitchen={kitchen}
            avoid={values.avoid as Allergen[]}
            agreeBy={until}
            change={change}
            onChoose={choose}
            onGrams={(role, grams) => {
              const { [role]: before, ...others } = values.byHand ?? {};
              void before;
              setValue('byHand', grams === null ? others : { ...others, [role]: grams }, { shouldDirty: true });
            }}
          />
        ) : (
          <WholeCake
            design={design}
            sums={reckoned.sums}
            kitchen={kitchen}
            choices={values.choices}
            avoid={values.avoid as Allergen[]}
            contacts={answered.answer?.contacts ?? []}
            onChoose={(key, choice) => {
              const { [key]: before, ...others } = values.choices;
              void before;
              setValue('choices', choice === '' ? others : { ...others, [key]: choice }, { shouldDirty: true });
            }}
          />
        )}
      </Box>

      <AnswerFoot
        answered={answered}
        reckoned={reckoned}
        missing={beginning ? say`Which cake shall it be?` : asked.missing}
        larger={
          !beginning && kitchen && reckoned.sums && reckoned.sums.portions[design.portion] < Number(values.portions)
            ? () => {
                const larger = largeEnough(design, Number(values.portions), kitchen);
                setProblem(larger ? null : TOO_MANY);
                if (larger) change(() => larger);
              }
            : null
        }
        takes={id !== null ? 'change' : values.holdsUntil ? 'enquiry' : 'order'}
        saving={formState.isSubmitting}
        onPickup={(pickup) => setValue('pickup', pickup, { shouldDirty: true })}
        onSave={(more) => void save(more)}
      />
    </Box>
  );
}
