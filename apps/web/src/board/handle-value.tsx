/** What a handle that is pulled stands at, above it. */
export const HandleValue = ({ y, children }: { y: number; children: string }) => (
  <text
    y={y}
    textAnchor="middle"
    fontSize="13"
    fontWeight="650"
    fill="#B03A25"
    stroke="#FBF9F3"
    strokeWidth="4"
    paintOrder="stroke"
  >
    {children}
  </text>
);
