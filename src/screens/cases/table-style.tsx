import styled from 'styled-components';

/** How a long table with sorted columns and ticked rows looks. */
export const ListTable = styled.div`
  background: var(--sheet);
  box-shadow: var(--shadow);
  & > * {
    height: calc(100vh - 258px);
    min-height: 320px;
    overflow: auto;
  }
  & [role='columnheader'] {
    display: flex;
    align-items: center;
    padding: 0 8px;
    font-size: 0.8125rem;
    font-weight: 650;
    color: var(--ink-2);
    background: var(--sheet);
    border-bottom: 1px solid var(--rule-2);
    cursor: default;
    box-sizing: border-box;
    height: 100%;
  }
  & [role='columnheader'][aria-sort] {
    cursor: pointer;
  }
  & [role='row'] {
    cursor: pointer;
    border-bottom: 1px solid var(--rule);
    box-sizing: border-box;
  }
  & [role='row'][data-hovered] {
    background: var(--sunk);
  }
  & [role='row'][data-selected] {
    background: var(--accent-soft);
  }
  & [role='row'][data-focus-visible],
  & [data-focus-visible] {
    outline: 2px solid var(--accent);
    outline-offset: -2px;
  }
  & [role='gridcell'],
  & [role='rowheader'] {
    padding: 0 8px;
    line-height: 45px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    box-sizing: border-box;
    height: 100%;
  }
  & label {
    display: inline-flex;
    width: 28px;
    height: 44px;
    align-items: center;
    justify-content: center;
    vertical-align: top;
  }
  & .box {
    width: 16px;
    height: 16px;
    border: 1.5px solid var(--ink-3);
    border-radius: 3px;
  }
  & label[data-selected] .box {
    background: var(--ink-2);
    box-shadow: inset 0 0 0 2px var(--sheet);
  }
  & label[data-indeterminate] .box {
    background: linear-gradient(var(--ink-2), var(--ink-2)) center / 8px 2px no-repeat;
  }
`;
