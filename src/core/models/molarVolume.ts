/** L of gas per mole at 20 °C and 1 atm (ideal gas law, 8.314·293.15/101.325 = 24.05). */
export const molarVolume_L = 24;
